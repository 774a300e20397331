import type { Counted } from '@lignum/core/work/counted';
import type { Before } from '@lignum/core/work/weekends';
import { RATES, type Rate } from '@lignum/core/work/rates';
import { numberFormat } from '@lignum/core/quantity/number-format';
import type { Tongue } from '@lignum/core/wording/say';

/** How long work takes, as it is said: to five minutes, from an hour on in hours. @example hoursWords(83) // "1 h 25" */
export function hoursWords(minutes: number): string {
  const fives = Math.max(5, Math.round(minutes / 5) * 5);
  const [hours, rest] = [Math.floor(fives / 60), fives % 60];
  if (hours === 0) return `${rest} min`;
  return rest === 0 ? `${hours} h` : `${hours} h ${String(rest).padStart(2, '0')}`;
}

/** How work is counted: one of it, and several; what is not said stands for itself. */
const RATE_WORDS: Partial<Record<Rate, readonly [string, string]>> = {
  'setting out': ['set out', 'set out'],
  hole: ['hole dug', 'holes dug'],
  driven: ['post driven', 'posts driven'],
  pushed: ['stake or cane pushed in', 'stakes and canes pushed in'],
  'set and tamped': ['post set and tamped', 'posts set and tamped'],
  'set in concrete': ['post set', 'posts set'],
  'set on a base': ['post on its base', 'posts on their bases'],
  bag: ['bag of concrete', 'bags of concrete'],
  cut: ['cut', 'cuts'],
  'shaped cut': ['shaped cut', 'shaped cuts'],
  member: ['piece put in place', 'pieces put in place'],
  brace: ['brace fitted', 'braces fitted'],
  unit: ['piece laid', 'pieces laid'],
  panel: ['panel hung', 'panels hung'],
  hinge: ['hinge', 'hinges'],
  string: ['string tied', 'strings tied'],
  barrow: ['barrow load', 'barrow loads'],
  mesh: ['of mesh fixed', 'of mesh fixed'],
  net: ['of net put on', 'of net put on'],
  wire: ['of wire run', 'of wire run'],
  trench: ['of trench dug', 'of trench dug'],
  clearing: ['of ground cleared', 'of ground cleared'],
};
/** Small fixings are told together, so that what matters is read. */
const FIXED: ReadonlySet<Rate> = new Set(['screw', 'screw, drilled for', 'nail', 'staple', 'clip', 'tie', 'fitting']);
const M2_FT2 = 1 / 0.3048 ** 2;

/** "4 holes dug, 13 bags of concrete": what takes longest first, so many things of it. */
export function countedWords(counted: readonly Counted[], { units, locale }: Tongue, most: number): string {
  const sums = new Map<Rate | 'fixed', { count: number; minutes: number }>();
  for (const { rate, count } of counted) {
    const key = FIXED.has(rate) ? 'fixed' : rate;
    const known = sums.get(key) ?? { count: 0, minutes: 0 };
    sums.set(key, { count: known.count + count, minutes: known.minutes + count * RATES[rate].minutes });
  }
  const whole = numberFormat(locale, { maximumFractionDigits: 0 });
  const said = ([rate, { count }]: [Rate | 'fixed', { count: number }]): string[] => {
    if (rate === 'fixed') return [`${whole.format(count)} ${count < 1.5 ? 'fixing' : 'fixings'}`];
    const words = RATE_WORDS[rate];
    if (!words) return [];
    if (rate === 'setting out') return [words[0]];
    const { per } = RATES[rate];
    const n = Math.max(1, Math.round(count));
    if (per === 'm') return [`${units === 'imperial' ? `${whole.format(count / 0.3048)}′` : `${n} m`} ${words[0]}`];
    if (per === 'm²')
      return [`${units === 'imperial' ? `${whole.format(count * M2_FT2)} ft²` : `${whole.format(n)} m²`} ${words[0]}`];
    return [`${whole.format(n)} ${words[n === 1 ? 0 : 1]}`];
  };
  return [...sums]
    .toSorted((a, b) => b[1].minutes - a[1].minutes)
    .flatMap(said)
    .slice(0, most)
    .join(', ');
}

const dated = (date: string): number => {
  const [year = 2026, month = 1, day = 1] = date.split('-').map(Number);
  return Date.UTC(year, month - 1, day);
};

/** A day, as it is said: "Saturday 6 March". */
export const dateWords = (date: string, locale: string, long = true): string =>
  new Intl.DateTimeFormat(locale, {
    weekday: long ? 'long' : 'short',
    day: 'numeric',
    month: long ? 'long' : 'short',
    timeZone: 'UTC',
  }).format(dated(date));

/** The name of a day of the week, 0 for Sunday. @example weekdayWords(6, 'en') // "Sat" */
export const weekdayWords = (weekday: number, locale: string): string =>
  new Intl.DateTimeFormat(locale, { weekday: 'short', timeZone: 'UTC' }).format(Date.UTC(2026, 1, 1 + weekday));

/** A time of the day by the clock, from minutes after midnight: "9:30". */
export const clockWords = (minutes: number): string =>
  `${Math.floor(minutes / 60)}:${String(Math.round(minutes % 60)).padStart(2, '0')}`;

/** "Tomato wall, Pea wall and Dry-dock arch". */
const listed = (all: readonly string[]): string =>
  all.length < 2 ? (all[0] ?? '') : `${all.slice(0, -1).join(', ')} and ${all.at(-1)}`;

/** What has to be seen to before work begins. @param name of a structure, by its id */
export function beforeWords(one: Before, name: (structure: string) => string, locale: string): string {
  const short = (date: string | undefined): string => dateWords(date ?? '', locale, false);
  switch (one.what) {
    case 'services':
      return `Have buried services marked, for the holes of ${short(one.digs[0])}${one.digs.length > 1 ? ` to ${short(one.digs.at(-1))}` : ''}. Marks fade in about two weeks.`;
    case 'delivery':
      return `Order the long panels, to be there on the day: ${listed(one.structures.map(name))}.`;
    case 'permits':
      return `Ask what is allowed, at the boundary and of neighbours: ${listed(one.structures.map(name))}.`;
  }
}
