import { clockAt, instantOf } from '@lignum/core/site/sun/clock';
import { solarMidnight } from '@lignum/core/site/sun/samples';
import { sunDay, sunPosition } from '@lignum/core/site/sun/sun-position';
import { dayOfYear } from '@lignum/core/site/sun/season';
import type { Site } from '@lignum/core/site/plot';
import { useMemo, useState, useSyncExternalStore } from 'react';
import { inputLook } from '../../ui/field';
import { RodSlider } from '../../ui/rod-slider';

/** A day and a clock time that the sun is looked at. */
export interface SunTime {
  /** "2026-06-21" */
  day: string;
  /** Minutes after midnight by the clocks of the place. */
  minutes: number;
}

const EVERY_MINUTES = 10;
const words = (minutes: number): string => `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;
const ownZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;
const never = (): (() => void) => () => undefined;

const keptKey = (id: string): string => `lignum-sun-time-${id}`;

function kept(id: string): SunTime | null {
  try {
    const time = JSON.parse(localStorage.getItem(keptKey(id)) ?? 'null') as SunTime | null;
    return time && /^\d{4}-\d\d-\d\d$/.test(time.day) && Number.isInteger(time.minutes) ? time : null;
  } catch {
    return null;
  }
}

/** The time that is looked at, as it was left: midsummer's afternoon where it never was. */
export function useSunTime(id: string): [SunTime, (time: SunTime) => void] {
  const year = new Date().getFullYear();
  const [set, setTime] = useState<SunTime | null>(null);
  const before = useSyncExternalStore(
    never,
    () => JSON.stringify(kept(id)),
    () => 'null',
  );
  const time = set ?? (JSON.parse(before) as SunTime | null) ?? { day: `${year}-06-21`, minutes: 16 * 60 };
  return [
    time,
    (next) => {
      setTime(next);
      try {
        localStorage.setItem(keptKey(id), JSON.stringify(next));
      } catch {
        // A forbidden store: the time is kept as long as the page is open.
      }
    },
  ];
}

/** Where the sun stands at a clock time of a site, and when it is up that day, by its own clocks. */
export function useSunAt(site: Site, { day, minutes }: SunTime) {
  // The page as it comes knows no clock of the reader's: the site's own, or one of the world's.
  const reader = useSyncExternalStore(never, ownZone, () => 'UTC');
  const zone = site.zone ?? reader;
  return useMemo(() => {
    const at = instantOf(day, minutes, zone);
    const noon = instantOf(day, 12 * 60, zone);
    // The day as the sun has it, midnight to midnight about the place's own noon.
    const today = sunDay(solarMidnight(Date.UTC(...dateOf(day)), site.longitudeDeg), site);
    const clock = (ms: number): string => words(clockAt(ms, zone).minutes);
    const { aheadMinutes } = clockAt(noon, zone);
    const offset = `UTC${aheadMinutes < 0 ? '−' : '+'}${words(Math.abs(aheadMinutes))}`;
    return {
      sun: sunPosition(at, site),
      dayOfYear: dayOfYear(day.slice(5) === '02-29' ? '02-28' : day.slice(5)),
      clock: words(minutes),
      says:
        today.day === 'rises and sets'
          ? `The sun is up from ${clock(today.riseMs)} to ${clock(today.setMs)} (${zone}, ${offset}).`
          : today.day === 'never sets'
            ? 'The sun does not set.'
            : 'The sun does not rise.',
    };
  }, [day, minutes, zone, site]);
}

const dateOf = (day: string): [number, number, number] => {
  const [year = 2026, month = 1, date = 1] = day.split('-').map(Number);
  return [year, month - 1, date];
};

/** A date, and a rod through the day with the clock time beside it. */
export function SunTimeFields({
  time,
  onChange,
  dayOnly = false,
}: {
  time: SunTime;
  onChange: (time: SunTime) => void;
  /** The hour makes no difference. */
  dayOnly?: boolean;
}) {
  const date = (
    <input
      type="date"
      aria-label="Date"
      className={`${inputLook} w-40`}
      value={time.day}
      min="1901-01-01"
      max="2099-12-31"
      onChange={(event) => event.target.value && onChange({ ...time, day: event.target.value })}
    />
  );
  if (dayOnly) return date;
  return (
    <div className="flex min-w-72 grow flex-wrap items-center gap-3">
      {date}
      <div className="min-w-40 grow">
        <RodSlider
          label="Time of day"
          value={time.minutes}
          min={0}
          max={24 * 60 - EVERY_MINUTES}
          step={EVERY_MINUTES}
          says={words(time.minutes)}
          onChange={(minutes) => onChange({ ...time, minutes })}
        />
      </div>
      <input
        type="time"
        aria-label="Clock time"
        className={`${inputLook} w-36 font-semibold`}
        value={words(time.minutes).padStart(5, '0')}
        onChange={(event) => {
          const [hours = NaN, minutes = NaN] = event.target.value.split(':').map(Number);
          if (Number.isFinite(hours + minutes)) onChange({ ...time, minutes: hours * 60 + minutes });
        }}
      />
    </div>
  );
}
