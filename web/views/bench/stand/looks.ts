import { AlertOctagon, Check, TriangleAlert } from 'lucide-react';
import type { Stand } from '@lignum/core/withstand/stand-of';

/** How each is told apart, by its sign and not by colour alone. */
export const STAND_LOOKS: Record<Stand, { colour: string; Icon: typeof Check }> = {
  holds: { colour: 'text-leaf', Icon: Check },
  watch: { colour: 'text-ochre', Icon: TriangleAlert },
  fails: { colour: 'text-keel', Icon: AlertOctagon },
};
