'use client';
import { useId } from 'react';
import { standOf, WATCHED_FROM } from '@lignum/core/withstand/stand-of';
import type { Week } from '@lignum/core/withstand/weeks';
import { dayWords, shareWords } from '../../../words/stand-words';

/** In the strip's own numbers: a week is ten wide, all that it has is a hundred high. */
const WEEK = 10;
const HIGH = 130;
const ALL = 100;

/**
 * The year: what of its strength each week uses in that month's gust, and how far the crop has grown. What holds is
 * drawn open, what has little to spare hatched, what does not hold solid.
 */
export function SeasonStrip({
  weeks,
  at,
  locale,
  onWeek,
}: {
  weeks: readonly Week[];
  at: Week;
  locale: string;
  onWeek: (week: Week) => void;
}) {
  const hatch = useId();
  const first = weeks[0]?.week ?? 0;
  const last = weeks.at(-1)?.week ?? 51;
  const wide = (last - first + 1) * WEEK;
  const x = (week: number): number => (week - first) * WEEK;
  const months = Array.from({ length: 12 }, (_, month) => ({
    name: new Intl.DateTimeFormat(locale, { month: 'narrow', timeZone: 'UTC' }).format(Date.UTC(2026, month, 15)),
    at: ((month + 0.5) * 365) / 12 / 7,
  })).filter(({ at: week }) => week >= first && week <= last + 1);
  const said = `${dayWords(at.day, locale)}: ${shareWords(at.share, locale)} used`;
  return (
    <div className="relative">
      <svg
        viewBox={`0 0 ${wide} ${HIGH + 16}`}
        className="block w-full"
        preserveAspectRatio="none"
        style={{ height: 150 }}
        aria-hidden
      >
        <defs>
          <pattern id={hatch} width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="5" height="5" fill="var(--sheet)" />
            <path d="M0 0V5" stroke="var(--ochre)" strokeWidth="2.4" />
          </pattern>
        </defs>
        <rect width={wide} height={HIGH} fill="var(--sheet)" />
        {weeks.map((week) => {
          const high = Math.min(HIGH, week.share * ALL);
          const stand = standOf(week.share);
          return (
            <rect
              key={week.week}
              x={x(week.week) + 1}
              y={HIGH - high}
              width={WEEK - 2}
              height={high}
              fill={stand === 'fails' ? 'var(--keel)' : stand === 'watch' ? `url(#${hatch})` : 'var(--well)'}
              stroke={stand === 'fails' ? 'var(--keel)' : stand === 'watch' ? 'var(--ochre)' : 'var(--ink-soft)'}
              vectorEffect="non-scaling-stroke"
            />
          );
        })}
        <path d={`M0 ${HIGH - ALL}H${wide}`} stroke="var(--ink)" strokeWidth="1.5" vectorEffect="non-scaling-stroke" />
        <path
          d={`M0 ${HIGH - ALL * WATCHED_FROM}H${wide}`}
          stroke="var(--rule-strong)"
          strokeDasharray="3 4"
          vectorEffect="non-scaling-stroke"
        />
        {weeks.some(({ grown }) => grown > 0) && (
          <polyline
            points={weeks.map(({ week, grown }) => `${x(week) + WEEK / 2},${HIGH - grown * ALL * 0.9}`).join(' ')}
            fill="none"
            stroke="var(--leaf-line)"
            strokeWidth="2"
            strokeDasharray="6 3"
            vectorEffect="non-scaling-stroke"
          />
        )}
        <rect
          x={x(at.week)}
          y={0}
          width={WEEK}
          height={HIGH}
          fill="none"
          stroke="var(--chalk)"
          strokeWidth="2.5"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      <div className="relative h-5 text-[0.8rem] text-soft tabular-nums" aria-hidden>
        {months.map(({ name, at: week }) => (
          <span
            key={week}
            className="absolute -translate-x-1/2"
            style={{ left: `${((week - first) / (last - first + 1)) * 100}%` }}
          >
            {name}
          </span>
        ))}
      </div>
      <input
        type="range"
        min={first}
        max={last}
        step={1}
        value={at.week}
        aria-label="Week of the year"
        aria-valuetext={said}
        onChange={(event) => {
          const week = event.target.valueAsNumber;
          // Weeks in which it is put away are passed over.
          const near = weeks.reduce((best, one) =>
            Math.abs(one.week - week) < Math.abs(best.week - week) ? one : best,
          );
          onWeek(near);
        }}
        className="peer absolute inset-x-0 top-0 m-0 h-[150px] w-full cursor-ew-resize touch-pan-y opacity-0"
      />
      <span
        aria-hidden
        className="pointer-events-none absolute inset-x-0 top-0 h-[150px] rounded-[2px] peer-focus-visible:outline-3 peer-focus-visible:outline-(--chalk)"
      />
    </div>
  );
}
