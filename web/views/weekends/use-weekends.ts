'use client';
import { useDeferredValue, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import type { Weekends } from '@lignum/core/work/weekends';
import type { WeekendsAnswer, WeekendsQuestion } from '../../workers/choosing-messages';
import { builtIn } from '../../kept/ticks';
import { choosingWorker } from '../shell/choosing-worker';
import { useGarden, useRecord } from '../shell/garden-context';
import { useAnswer } from '../shell/use-answer';

/** The work of the garden on its days, worked out away from the page from the plan and what is ticked off; `isOld` while the newest is on its way. */
export function useWeekends(): { weekends: Weekends | null; isOld: boolean } {
  const { plan } = useGarden();
  const book = useRecord();
  const { entries } = useSyncExternalStore(book.subscribe, book.get, () => book.atFirst);
  const settled = useDeferredValue(plan);
  // The day is this device's own: the server's may be another.
  const [today, setToday] = useState<string | null>(null);
  useEffect(() => {
    const now = new Date();
    const two = (n: number): string => String(n).padStart(2, '0');
    setToday(`${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`);
  }, []);
  const built = useMemo(() => builtIn(entries.values()), [entries]);
  const question = useMemo<WeekendsQuestion | null>(
    () => (today === null ? null : { about: 'weekends', plan: settled, built, today }),
    [settled, built, today],
  );
  const { answer, of } = useAnswer<WeekendsQuestion, WeekendsAnswer>(choosingWorker, question);
  return { weekends: answer, isOld: of !== question };
}
