'use client';
import { useDeferredValue, useMemo, useSyncExternalStore } from 'react';
import type { Weekends } from '@lignum/core/work/weekends';
import type { WeekendsAnswer, WeekendsQuestion } from '../../workers/choosing-messages';
import { builtIn } from '../../kept/ticks';
import { choosingWorker } from '../shell/choosing-worker';
import { useGarden, useRecord } from '../shell/garden-context';
import { useAnswer } from '../shell/use-answer';
import { useToday } from '../shell/use-today';

/** The work of the garden on its days, worked out away from the page from the plan and what is ticked off; `isOld` while the newest is on its way. */
export function useWeekends(): { weekends: Weekends | null; isOld: boolean } {
  const { plan } = useGarden();
  const book = useRecord();
  const { entries } = useSyncExternalStore(book.subscribe, book.get, () => book.atFirst);
  const settled = useDeferredValue(plan);
  const today = useToday();
  const built = useMemo(() => builtIn(entries.values()), [entries]);
  const question = useMemo<WeekendsQuestion | null>(
    () => (today === null ? null : { about: 'weekends', plan: settled, built, today }),
    [settled, built, today],
  );
  const { answer, of } = useAnswer<WeekendsQuestion, WeekendsAnswer>(choosingWorker, question);
  return { weekends: answer, isOld: of !== question };
}
