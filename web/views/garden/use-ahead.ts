'use client';
import { useMemo } from 'react';
import { nextSteps, type NextStep } from '@lignum/core/ahead/next-steps';
import { openAt, openIn, openPoints, type OpenIn, type OpenPoint } from '@lignum/core/ahead/open-points';
import { boughtAs, tickedAs } from '../../kept/ticks';
import { useResults } from '../shell/use-results';
import { useStands } from '../shell/use-stands';
import { useTicks } from '../shell/use-ticks';

/** What is open in the garden this view is in and what it asks for next: asked by every view that says anything of either. */
export interface Ahead extends OpenIn {
  points: readonly OpenPoint[];
  /** How much is open at each thing, by its id. */
  at: ReadonlyMap<string, { fails: number; warns: number }>;
  steps: readonly NextStep[];
}

export function useAhead(): Ahead {
  const { plan, garden } = useResults();
  const ticks = useTicks();
  const stands = useStands();
  const known = useMemo(() => {
    const here = openIn(plan, garden, stands);
    const points = openPoints(here);
    return { ...here, garden, points, at: openAt(points) };
  }, [plan, garden, stands]);
  return useMemo(
    () => ({
      ...known,
      steps: nextSteps({
        ...known,
        isBought: (purchase) => ticks.of('bought', tickedAs('', boughtAs(purchase)))?.done === true,
        isPrinted: (structure) => ticks.of('printed', structure)?.done === true,
      }),
    }),
    [known, ticks],
  );
}
