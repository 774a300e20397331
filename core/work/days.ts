import type { Helper, Plan, Work } from '../plan/plan';
import { addDays, startMs, weekdayOf } from '../site/calendar-days';
import type { MonthlyMeans } from '../site/monthly-means';
import { sunDay } from '../site/sun/sun-position';

/** A day on which somebody works. Minutes are from {@link BEGINS_MIN}. */
export interface WorkDay {
  date: string;
  /** By person: how long each is there. Minutes. */
  there: readonly { name: string; minutes: number }[];
  /** Concrete may be poured, and the ground is open. */
  poursWell: boolean;
  open: boolean;
}

/** How long the one who is there longest is there. Minutes. */
export const longestOf = ({ there }: WorkDay): number => Math.max(...there.map(({ minutes }) => minutes));

/** Work begins about nine (from memory). Minutes after midnight. */
export const BEGINS_MIN = 9 * 60;
/** An hour's rest in the middle of a long day is not worked (from memory). Minutes. */
const LONG_DAY_MIN = 5 * 60;
const REST_MIN = 60;
/** Light is good from a half hour after sunrise to a half hour before sunset (from memory). Minutes. */
const DUSK_MIN = 30;
/** No pour below 40 °F (common practice; ACI 306R calls it cold weather). °C. */
const POUR_C = 40 / 1.8 - 32 / 1.8;
/** Ground is taken to be frozen where a day's mean is below this (from memory). °C. */
const FROZEN_C = 0;

/** The mean of a day, between the means of its month and the next. °C. */
export function meanOf({ max, min }: MonthlyMeans, date: string): number {
  const [, month = 1, day = 1] = date.split('-').map(Number);
  const mean = (of: number): number => ((max[(of + 12) % 12] ?? 0) + (min[(of + 12) % 12] ?? 0)) / 2;
  const past = (day - 15) / 30;
  const own = mean(month - 1);
  return past >= 0 ? own + (mean(month) - own) * past : own + (mean(month - 2) - own) * -past;
}

/** How long it is light enough to work on a day, from when work begins. Minutes. */
function lightMin(date: string, { latitudeDeg, longitudeDeg }: Plan['site']): { before: number; after: number } {
  const sun = sunDay(startMs(date), { latitudeDeg, longitudeDeg });
  if (sun.day === 'never sets') return { before: 0, after: Infinity };
  if (sun.day === 'never rises') return { before: 0, after: 0 };
  // By the sun's own noon, about which people's days lie.
  const half = (sun.setMs - sun.riseMs) / 2 / 60_000 - DUSK_MIN;
  const noon = 12.5 * 60;
  return { before: Math.max(0, noon - half - BEGINS_MIN), after: Math.max(0, noon + half - BEGINS_MIN) };
}

/** How long somebody can work on a day: as long as they are there and it is light. Minutes. */
const worked = ({ hours }: Helper, light: { before: number; after: number }): number => {
  const there = hours * 60 + (hours * 60 > LONG_DAY_MIN ? REST_MIN : 0);
  const lit = Math.min(there, light.after - light.before);
  return Math.max(0, Math.min(hours * 60, lit > LONG_DAY_MIN + REST_MIN ? lit - REST_MIN : lit));
};

/** The days on which somebody works, from the first that is allowed: as many as are asked for. */
export function workDays({ site }: Pick<Plan, 'site'>, { from, people, off }: Work, many: number): WorkDay[] {
  const days: WorkDay[] = [];
  const weekdays = new Set(people.flatMap((one) => one.weekdays));
  if (weekdays.size === 0) return [];
  const away = new Set(off);
  // Seven days a week hold at least one of them; those that are called off are bounded by the plan.
  for (let i = 0; days.length < many && i < many * 7 + off.length; i++) {
    const date = addDays(from, i);
    if (away.has(date) || !weekdays.has(weekdayOf(date))) continue;
    const light = lightMin(date, site);
    const mean = meanOf(site.monthlyC, date);
    const there = people
      .filter((one) => one.weekdays.includes(weekdayOf(date)))
      .map((one) => ({ name: one.name, minutes: worked(one, light) }))
      .filter(({ minutes }) => minutes > 0);
    if (there.length > 0) days.push({ date, there, poursWell: mean >= POUR_C, open: mean >= FROZEN_C });
  }
  return days;
}

/** In the middle of a long day they rest: after three hours and a half (from memory). Minutes of work. */
const RESTS_AFTER_MIN = 3.5 * 60;

/** The time of the clock at a minute of work, the rest of a long day counted in. Minutes after midnight. @example clockOf(90, 360) // 630, half past ten */
export const clockOf = (minute: number, longMin: number): number =>
  BEGINS_MIN + minute + (longMin > LONG_DAY_MIN && minute > RESTS_AFTER_MIN ? REST_MIN : 0);
