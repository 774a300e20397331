import type { MonthlyMeans } from '../site/monthly-means';

/**
 * The warmth of one day over a base temperature, in degree days: the mean over the day of how far a sine between the
 * night's lowest and the day's highest lies above it (single sine; Baskerville and Emin 1969, "Rapid estimation of heat
 * accumulation from maximum and minimum temperatures", Ecology 50: 514–517). °C in, °C·day out.
 */
export function degreeDay(minC: number, maxC: number, baseC: number): number {
  const mean = (maxC + minC) / 2;
  const swing = (maxC - minC) / 2;
  if (minC >= baseC) return mean - baseC;
  if (maxC <= baseC) return 0;
  const from = Math.asin((baseC - mean) / swing);
  return ((mean - baseC) * (Math.PI / 2 - from) + swing * Math.cos(from)) / Math.PI;
}

/** So far above its base a crop grows no faster for more warmth (horizontal cut-off; the figure from memory). °C. */
const NO_FASTER_C = 20;

const YEAR = 365;
/** The middles of the months, days from 1 January. */
const MIDDLES = [15, 44, 74, 104, 135, 165, 196, 227, 257, 288, 318, 349];

/** A month's mean belongs to its middle; between two middles it goes straight from one to the other (from memory). */
function onDay(means: readonly number[], day: number): number {
  const next = MIDDLES.findIndex((middle) => middle > day);
  const after = next < 0 ? 0 : next;
  const before = (after + 11) % 12;
  const from = (MIDDLES[before] ?? 0) - (before > after && day < (MIDDLES[0] ?? 0) ? YEAR : 0);
  const to = (MIDDLES[after] ?? 0) + (next < 0 ? YEAR : 0);
  const share = (day - from) / (to - from);
  return (means[before] ?? 0) * (1 - share) + (means[after] ?? 0) * share;
}

const known = new WeakMap<MonthlyMeans, Map<number, readonly number[]>>();

/** The degree days of each day of a year at a place, over one base. */
export function warmthOf(monthlyC: MonthlyMeans, baseC: number): readonly number[] {
  const byBase = known.get(monthlyC) ?? new Map<number, readonly number[]>();
  known.set(monthlyC, byBase);
  const before = byBase.get(baseC);
  if (before) return before;
  const days = Array.from({ length: YEAR }, (_, day) => {
    const [min, max] = [onDay(monthlyC.min, day), onDay(monthlyC.max, day)];
    return degreeDay(min, max, baseC) - degreeDay(min, max, baseC + NO_FASTER_C);
  });
  byBase.set(baseC, days);
  return days;
}

/** The warmth from one day to another, both from 1 January, parts of days with their part. °C·day. */
export function warmthBetween(days: readonly number[], from: number, to: number): number {
  let sum = 0;
  for (let day = Math.floor(from); day < to; day++) {
    const part = Math.min(to, day + 1) - Math.max(from, day);
    sum += part * (days[((day % YEAR) + YEAR) % YEAR] ?? 0);
  }
  return sum;
}

/** The day by which so much warmth has come since another, within a year of it; null where it does not. Days from 1 January, counted on past its end. */
export function dayWarm(days: readonly number[], from: number, warmth: number): number | null {
  let left = warmth;
  for (let day = Math.floor(from); day < from + YEAR; day++) {
    const part = Math.min(1, day + 1 - from);
    const got = part * (days[((day % YEAR) + YEAR) % YEAR] ?? 0);
    if (got > 0 && got >= left) return Math.max(from, day) + (part * Math.max(0, left)) / got;
    left -= got;
  }
  return null;
}

/**
 * The longest spell of days on which it gets at least so hot, by the mean highest of each day; null where no day does.
 * Days from 1 January, the last counted on past the end of the year where the spell goes on into the next.
 */
export function hotSpell({ max }: Pick<MonthlyMeans, 'max'>, atLeastC: number): { from: number; to: number } | null {
  const hot = Array.from({ length: YEAR }, (_, day) => onDay(max, day) >= atLeastC);
  if (hot.every(Boolean)) return { from: 0, to: YEAR - 1 };
  const spells = hot.flatMap((is, day) => {
    if (!is || hot[(day + YEAR - 1) % YEAR]) return [];
    let to = day;
    while (hot[(to + 1) % YEAR]) to++;
    return [{ from: day, to }];
  });
  return spells.toSorted((a, b) => b.to - b.from - (a.to - a.from))[0] ?? null;
}
