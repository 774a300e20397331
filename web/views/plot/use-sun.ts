'use client';
import { useMemo } from 'react';
import type { SeenGarden } from '@lignum/core/plan/compute';
import type { Plan } from '@lignum/core/plan/plan';
import type { HoursAnswer, HoursQuestion, PlacesAnswer, PlacesQuestion } from '../../workers/sun-messages';
import { useAnswer } from '../shell/use-answer';

const sunWorker = (): Worker => new Worker(new URL('../../workers/sun.worker.ts', import.meta.url));

/**
 * The sun on the plot, worked out away from the page; while a bed is dragged only the newest question waits.
 * @param built what stands, where nothing else is to throw a shadow
 */
export function useSun(
  plan: Plan,
  month: number | 'season' | null,
  cellMm: number,
  built: SeenGarden | null,
): { answer: HoursAnswer | null; share: number | null } {
  const question = useMemo<HoursQuestion | null>(
    () => (month === null ? null : { about: 'hours', plan, month, cellMm, standing: built && partsOf(built) }),
    [plan, month, cellMm, built],
  );
  const { answer, share } = useAnswer<HoursQuestion, HoursAnswer>(sunWorker, question);
  return { answer: month === null ? null : answer, share };
}

const partsOf = ({ structures }: SeenGarden): Record<string, string[]> =>
  Object.fromEntries(structures.map(({ structure, sized }) => [structure.id, sized.design.parts.map(({ id }) => id)]));

/** Better places for a support, looked for away from the page; undefined while it looks. */
export function usePlaces(plan: Plan, structure: string, month: number): PlacesAnswer | undefined {
  const question = useMemo<PlacesQuestion>(
    () => ({ about: 'places', plan, structure, month }),
    [plan, structure, month],
  );
  const { answer, of } = useAnswer<PlacesQuestion, PlacesAnswer>(sunWorker, question);
  return of === question ? answer : undefined;
}
