import { useEffect, useRef, useState } from 'react';
import type { Tongue } from '@lignum/core/wording/say';
import { toldMoves, type PlotThen } from './told-moves';

/** What is moved is told when the hand rests for so long: one sentence a move, not one a step. ms. */
const REST_MS = 700;

/** What was last done on the plot, in words; empty until something is. */
export function useToldMoves(now: PlotThen, tongue: Tongue): string {
  const [told, setTold] = useState('');
  const last = useRef<PlotThen | null>(null);
  useEffect(() => {
    if (!last.current) {
      last.current = now;
      return undefined;
    }
    const rest = setTimeout(() => {
      const words = toldMoves(last.current as PlotThen, now, tongue);
      last.current = now;
      if (words) setTold(words);
    }, REST_MS);
    return () => clearTimeout(rest);
  }, [now, tongue]);
  return told;
}
