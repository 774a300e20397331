'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { guessInside } from '@lignum/core/site/path';
import { SOIL } from '@lignum/core/site/underfoot';
import type { Plan } from '@lignum/core/plan/plan';
import { KIND_CARDS } from '@lignum/core/structures/cards';
import { useLaying, type Laying } from '../plot/lay-path';
import { addStructure } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import { freeInRun } from '@lignum/core/plan/free-in-run';
import { ALONG_PATHS } from './add-to-plot';
import { newStructure } from './new-structure';

/** What goes along a line is laid corner by corner, and stands in the plan once its last is put. `first` is laid at once. */
export function useKindLaid(
  first: string | null,
  onLaid: (structure: string) => void,
): { path: Laying | null; begin: (kind: string) => void } {
  const { id, plan, store } = useGarden();
  const router = useRouter();
  const named = (kind: string | null) => ALONG_PATHS.find((one) => one.id === kind) ?? null;
  const [kind, setKind] = useState(named(first));
  const path = useLaying(
    kind?.name.toLowerCase() ?? '',
    (spots, closed, withGate) => {
      if (!kind) return;
      const corners = spots.map(([xMm, yMm]) => ({ xMm, yMm, groundMm: 0 }));
      const inside = guessInside(
        corners,
        closed,
        plan.beds.map(({ xMm, yMm }) => [xMm, yMm] as const),
      );
      const stand = { on: 'path', spots: corners, closed, inside, underfoot: SOIL } as const;
      const structure = newStructure(kind.id, plan, stand, []);
      const [hung] = KIND_CARDS.filter((one) => one.stands.includes('run'));
      const gateIn = (now: Plan): Plan => {
        const run = withGate && kind.hosts && hung ? freeInRun(now, structure) : null;
        return run && hung ? addStructure(newStructure(hung.id, now, run, []))(now) : now;
      };
      store.edit((now) => gateIn(addStructure(structure)(now)));
      setKind(null);
      onLaid(structure.id);
    },
    () => {
      setKind(null);
      router.replace(`/g/${id}`);
    },
  );
  return { path: kind ? path : null, begin: (next) => setKind(named(next)) };
}
