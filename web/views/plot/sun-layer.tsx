'use client';
import { useMemo } from 'react';
import type { HoursAnswer } from '../../workers/sun-messages';

/** Steps of the map, hours a day and up, each lighter than the one before it, by day and by night. */
export const SUN_STEPS = [
  { from: 0, says: 'under 3 h', fill: 'var(--sun-1)' },
  { from: 3, says: '3 to 6 h', fill: 'var(--sun-2)' },
  { from: 6, says: '6 to 8 h', fill: 'var(--sun-3)' },
  { from: 8, says: '8 to 10 h', fill: 'var(--sun-4)' },
  { from: 10, says: '10 h and more', fill: 'var(--sun-5)' },
] as const;

const stepOf = (hours: number): number => SUN_STEPS.reduce((best, step, i) => (hours >= step.from ? i : best), 0);

/** The hours of every cell as a few flat areas: one path a step, so that a thousand cells are five elements. */
export function SunLayer({ answer, scale, heightPx }: { answer: HoursAnswer; scale: number; heightPx: number }) {
  const paths = useMemo(() => {
    const runs = SUN_STEPS.map(() => '');
    const cell = answer.cellMm * scale;
    for (let row = 0; row < answer.rows; row++) {
      let start = 0;
      for (let column = 1; column <= answer.columns; column++) {
        const step = stepOf(answer.hours[row * answer.columns + start] ?? 0);
        if (column < answer.columns && stepOf(answer.hours[row * answer.columns + column] ?? 0) === step) continue;
        const y = heightPx - (row + 1) * cell;
        runs[step] +=
          `M${(start * cell).toFixed(1)} ${y.toFixed(1)}h${((column - start) * cell).toFixed(1)}v${cell.toFixed(1)}h${(-(column - start) * cell).toFixed(1)}z`;
        start = column;
      }
    }
    return runs;
  }, [answer, scale, heightPx]);
  return (
    <g aria-hidden className="pointer-events-none">
      {paths.map((d, i) => d && <path key={i} d={d} fill={SUN_STEPS[i]?.fill} stroke="none" />)}
    </g>
  );
}
