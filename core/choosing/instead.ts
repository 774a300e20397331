import type { StructurePlan } from '../plan/plan';
import type { StructureKind } from '../structures/kind';
import { kindOf, KINDS } from '../structures/registry';

/** Kinds that a structure could be built as in its place; what grows in a planter goes only into another. */
export const kindsInstead = ({ kind, stand }: Pick<StructurePlan, 'kind' | 'stand'>): StructureKind[] =>
  KINDS.filter(
    (one) => one.stands.includes(stand.on) && (one.purpose === 'planter') === (kindOf(kind).purpose === 'planter'),
  );
