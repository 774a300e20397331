'use client';
import { useDeferredValue, useMemo } from 'react';
import type { ShortStand } from '@lignum/core/plan/stands';
import { useCalm } from '../../ui/use-calm';
import type { StandsInAnswer, StandsInQuestion } from '../../workers/choosing-messages';
import { choosingWorker } from './choosing-worker';
import { useGarden } from './garden-context';
import { useAnswer } from './use-answer';

const NONE: Readonly<Record<string, ShortStand>> = {};

/** How everything in the garden stands, worked out away from the page once that is calm; empty until it is known. */
export function useStands(): Readonly<Record<string, ShortStand>> {
  const plan = useDeferredValue(useGarden().plan);
  const isCalm = useCalm();
  const question = useMemo(
    (): StandsInQuestion | null => (isCalm ? { about: 'stands in', plan } : null),
    [isCalm, plan],
  );
  return useAnswer<StandsInQuestion, StandsInAnswer>(choosingWorker, question).answer ?? NONE;
}
