import { formatLength, type Units } from '../quantity/length';
import { formatLoad, formatMass, formatPull, formatSpeed, formatWarmth, tellVolume } from '../quantity/measure';
import { formatMoney, type Money } from '../quantity/money';
import { numberFormat } from '../quantity/number-format';

/** A fact without its words: the arithmetic hands these on, and {@link say} puts them in a gardener's terms. */
export interface Fact {
  code: string;
  values: Record<string, FactValue>;
  /** Its own sentence, where what states it has its words with it; else it is looked up by the code. */
  says?: string;
}
export type FactValue =
  | number
  | string
  | { mm: number }
  | { mm3: number }
  | { kg: number }
  | { kgM2: number }
  | { ms: number }
  | { newtons: number }
  | { celsius: number }
  | { monthDay: string }
  | Money;

export const fact = (code: string, values: Record<string, FactValue> = {}): Fact => ({ code, values });

/** How this garden wants things said. */
export interface Tongue {
  units: Units;
  locale: string;
}

/**
 * Sentences by fact code. `{gap}` is replaced by the value of that name (lengths in the garden's
 * units, money in its currency, volumes, weights, days of the year); `{posts|post|posts}` by a count with the fitting word.
 */
export type Phrases = Readonly<Record<string, string>>;

const SLOT = /\{(\w+)(?:\|([^|}]*)\|([^|}]*))?\}/g;

export function say(told: Fact, phrases: Phrases, tongue: Tongue): string {
  const phrase = told.says ?? phrases[told.code];
  if (phrase === undefined)
    throw new Error(`No sentence for "${told.code}": add one to the phrases beside the code that states it.`);
  return phrase.replace(SLOT, (_slot, name: string, one?: string, many?: string) => {
    const value = told.values[name];
    if (value === undefined) throw new Error(`The sentence for "${told.code}" wants "${name}", which was not stated.`);
    const shown = sayValue(value, tongue);
    return one === undefined ? shown : `${shown} ${value === 1 ? one : many}`;
  });
}

function sayValue(value: FactValue, tongue: Tongue): string {
  if (typeof value === 'string') return value;
  if (typeof value === 'number') return numberFormat(tongue.locale, { maximumFractionDigits: 1 }).format(value);
  if ('mm3' in value) return tellVolume(value.mm3, tongue.units, tongue.locale);
  if ('kg' in value) return formatMass(value.kg, tongue.units, tongue.locale);
  if ('kgM2' in value) return formatLoad(value.kgM2, tongue.units, tongue.locale);
  if ('ms' in value) return formatSpeed(value.ms, tongue.units, tongue.locale);
  if ('newtons' in value) return formatPull(value.newtons, tongue.units, tongue.locale);
  if ('celsius' in value) return formatWarmth(value.celsius, tongue.units, tongue.locale);
  if ('monthDay' in value) return formatMonthDay(value.monthDay, tongue.locale);
  return 'mm' in value ? formatLength(value.mm, tongue.units) : formatMoney(value, tongue.locale);
}

/** "06-12" as this garden would write it: 12 June. */
export function formatMonthDay(monthDay: string, locale: string): string {
  const [month = 1, day = 1] = monthDay.split('-').map(Number);
  return new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'long', timeZone: 'UTC' }).format(
    Date.UTC(2026, month - 1, day),
  );
}
