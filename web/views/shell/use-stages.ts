import { useMemo, useSyncExternalStore } from 'react';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { stagesOf } from '@lignum/core/work/progress';
import type { Stage } from '@lignum/core/work/stage';
import { cutLengths } from '@lignum/core/work/recut';
import { workLeft } from '@lignum/core/work/left';
import { saidOf, sayStage } from '../../kept/stages';
import { boughtAs, builtIn, tickedAs, tickOf } from '../../kept/ticks';
import { useGarden, useRecord } from './garden-context';
import { ownName } from './own-name';
import { useResults } from './use-results';

/** How far each part of a structure is, how much work is left of it, and a way to say how far parts are. */
export function useStages(
  computed: ComputedStructure,
  today: string,
): {
  stages: ReadonlyMap<string, Stage>;
  work: { minutes: number; ofMinutes: number };
  put: (parts: readonly string[], stage: Stage) => void;
} {
  const { plan } = useGarden();
  const book = useRecord();
  const { entries } = useSyncExternalStore(book.subscribe, book.get, () => book.atFirst);
  const { garden } = useResults();
  const { id } = computed.structure;
  return useMemo(() => {
    const list = (scope: string, { shopping }: Pick<ComputedStructure, 'shopping'>) => ({
      shopping,
      got: (line: { stock: string; size: number }) =>
        tickOf(entries, 'bought', tickedAs(scope, boughtAs(line)))?.done ?? false,
    });
    const lists = [list('', garden), list(id, computed)];
    const stages = stagesOf(computed, lists, (part) => saidOf(entries, id, part), today);
    return {
      stages,
      work: workLeft(plan, computed, builtIn(entries.values())),
      put: (parts, stage) =>
        book.say(sayStage(entries, id, parts, stage, stages, cutLengths(computed.shopping, id)), ownName()),
    };
  }, [plan, book, entries, garden, id, computed, today]);
}
