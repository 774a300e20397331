'use client';
import { useEffect, useRef, useState } from 'react';
import type { Positions } from '@lignum/core/site/sun/positions';
import type { Plan } from '@lignum/core/plan/plan';
import type { PlacesQuestion, SunQuestion, SunReply } from '../../workers/sun-messages';

export type SunAnswer = Extract<SunReply, { part: 'answer' }>;

/** The sun on the plot, worked out away from the page; while one question is being answered only the newest waits. */
export function useSun(plan: Plan, month: number | 'season' | null, cellMm: number): { answer: SunAnswer | null; share: number | null } {
  const worker = useRef<Worker | null>(null);
  const busy = useRef(false);
  const waiting = useRef<SunQuestion | null>(null);
  const asked = useRef(0);
  const [answer, setAnswer] = useState<SunAnswer | null>(null);
  const [share, setShare] = useState<number | null>(null);

  useEffect(() => {
    const made = new Worker(new URL('../../workers/sun.worker.ts', import.meta.url));
    worker.current = made;
    made.onmessage = ({ data }: MessageEvent<SunReply>) => {
      if (data.part === 'progress') return setShare(data.share);
      if (data.part === 'places') return;
      busy.current = false;
      setShare(null);
      setAnswer(data);
      const next = waiting.current;
      waiting.current = null;
      if (next) { busy.current = true; made.postMessage(next); }
    };
    return () => { made.terminate(); worker.current = null; busy.current = false; };
  }, []);

  useEffect(() => {
    if (month === null || !worker.current) return;
    const question: SunQuestion = { ask: ++asked.current, plan, month, cellMm };
    if (busy.current) waiting.current = question;
    else { busy.current = true; worker.current.postMessage(question); }
  }, [plan, month, cellMm]);

  return { answer: month === null ? null : answer, share };
}

/** Better places for a support, looked for away from the page; undefined while it looks. */
export function usePlaces(plan: Plan, structure: string, month: number): Positions | null | undefined {
  const [found, setFound] = useState<{ for: Plan; positions: Positions | null } | null>(null);
  useEffect(() => {
    const worker = new Worker(new URL('../../workers/sun.worker.ts', import.meta.url));
    worker.onmessage = ({ data }: MessageEvent<SunReply>) => { if (data.part === 'places') setFound({ for: plan, positions: data.positions }); };
    worker.postMessage({ ask: 0, plan, places: { structure, month } } satisfies PlacesQuestion);
    return () => worker.terminate();
  }, [plan, structure, month]);
  return found?.for === plan ? found.positions : undefined;
}
