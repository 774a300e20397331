import type { Counted } from '@lignum/core/work/counted';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import type { Plan } from '@lignum/core/plan/plan';
import { weekdayOf } from '@lignum/core/site/calendar-days';
import type { Before, Stuck } from '@lignum/core/work/weekends';
import type { Tool } from '@lignum/core/building/tools';
import { TOOL_WORDS } from '@lignum/core/building/tool-words';
import type { Cargo } from '@lignum/core/catalogue/cargo';
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

/** "4 holes dug, 13 bags of concrete": what takes longest first, so many things of it; of what is only looked at and laid out, that. */
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
  return (
    [...sums]
      .toSorted((a, b) => b[1].minutes - a[1].minutes)
      .flatMap(said)
      .slice(0, most)
      .join(', ') || 'made ready'
  );
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

/** An hour of the clock, from minutes after midnight, as it stands over a board. @example hourWords(570) // "9:30" */
export function hourWords(minutes: number): string {
  const past = Math.round(minutes % 60);
  return `${Math.floor(minutes / 60)}${past === 0 ? '' : `:${String(past).padStart(2, '0')}`}`;
}

/** "Tomato wall, Pea wall and Dry-dock arch". */
const listed = (all: readonly string[]): string =>
  all.length < 2 ? (all[0] ?? '') : `${all.slice(0, -1).join(', ')} and ${all.at(-1)}`;

/** What has to be seen to before work begins, in short. */
const BEFORE_WORDS: Record<Exclude<Before['what'], 'tool' | 'brought'>, string> = {
  services: 'Have buried services marked',
  delivery: 'Order the long panels',
  permits: 'Ask what is allowed',
  drying: 'Buy the treated timber and stack it to dry',
};

/** What is brought by a lorry at one time. */
export const CARGO_WORDS: Record<Cargo, string> = {
  timber: 'Timber',
  steel: 'Steel posts, panels and wire',
  masonry: 'Concrete and blocks',
  fill: 'Soil and gravel',
  nets: 'Nets, cloth and twine',
};
/** A tool by its name alone. @example toolName('level') // "Spirit level" */
export const toolName = (tool: Tool): string => (TOOL_WORDS[tool].split(',')[0] ?? '').replace(/ \(.*\)$/, '');

/** What has to be seen to before, in a line. */
export const beforeInShort = (one: Before): string =>
  one.what === 'tool'
    ? `Ask for the tool: ${toolName(one.tool).toLowerCase()}`
    : one.what === 'brought'
      ? `Delivery: ${CARGO_WORDS[one.cargo].toLowerCase()}`
      : BEFORE_WORDS[one.what];

/** The same in full. @param name of a structure, by its id */
export function beforeWords(one: Before, name: (structure: string) => string, locale: string): string {
  const short = (date: string | undefined): string => dateWords(date ?? '', locale, false);
  switch (one.what) {
    case 'services':
      return `${BEFORE_WORDS.services}, for the holes of ${short(one.digs[0])}${one.digs.length > 1 ? ` to ${short(one.digs.at(-1))}` : ''}. Marks fade in about two weeks.`;
    case 'delivery':
      return `${BEFORE_WORDS.delivery}, to be there on the day: ${listed(one.structures.map(name))}.`;
    case 'tool':
      return `${beforeInShort(one)}, for ${listed(one.days.map(short))}.`;
    case 'brought':
      return `${beforeInShort(one)}. Be there, and have room to lay it down.`;
    case 'drying':
      return `${BEFORE_WORDS.drying}, laths between the boards, air round them: it is oiled or painted on ${short(one.day)}. ${listed(one.structures.map(name))}.`;
    case 'permits':
      return `${BEFORE_WORDS.permits}, at the boundary and of neighbours: ${listed(one.structures.map(name))}.`;
  }
}

/** Why something finds no day, and what would help. */
export const STUCK_WORDS: Record<Stuck, string> = {
  two: 'something of it takes two, and two are never there together for long enough: say who helps.',
  tool: 'a tool that is lent is not there on enough days on which somebody works: say another day for it.',
  cold: 'it is too cold for its concrete or for digging whenever somebody is there: begin later in spring.',
  days: 'there are not enough days: find more of them, or leave something for later.',
};

/** What is had there of a stock: so many of it; of what is poured, it. */
export function neededWords(stock: string, count: number): string {
  const one = CATALOGUE.stock(stock);
  return one.form === 'bagged' ? one.name : `${count} × ${one.name}`;
}

/** A stretch of days in a calendar: weekends, where nobody works on another day. */
export const weekWord = (days: readonly { date: string }[]): 'weekend' | 'week' =>
  days.every(({ date }) => weekdayOf(date) % 6 === 0) ? 'weekend' : 'week';

/** What a structure of a plan is called. @example namesIn(plan)('tomato-wall') // 'Tomato wall' */
export const namesIn =
  ({ structures }: Pick<Plan, 'structures'>) =>
  (id: string): string =>
    structures.find((one) => one.id === id)?.name ?? id;
