import { formatLength, type Units } from '../quantity/length';
import { formatMoney, type Money } from '../quantity/money';
import { numberFormat } from '../quantity/number-format';

/** A fact without its words: the arithmetic hands these on, and {@link say} puts them in a gardener's terms. */
export interface Fact {
  code: string;
  values: Record<string, FactValue>;
}
export type FactValue = number | string | { mm: number } | Money;

export const fact = (code: string, values: Record<string, FactValue> = {}): Fact => ({ code, values });

/** How this garden wants things said. */
export interface Tongue {
  units: Units;
  locale: string;
}

/**
 * Sentences by fact code. `{gap}` is replaced by the value of that name (lengths in the garden's
 * units, money in its currency); `{posts|post|posts}` by a count with the fitting word.
 */
export type Phrases = Readonly<Record<string, string>>;

const SLOT = /\{(\w+)(?:\|([^|}]*)\|([^|}]*))?\}/g;

export function say(told: Fact, phrases: Phrases, tongue: Tongue): string {
  const phrase = phrases[told.code];
  if (phrase === undefined) throw new Error(`No sentence for "${told.code}": add one to the phrases beside the code that states it.`);
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
  return 'mm' in value ? formatLength(value.mm, tongue.units) : formatMoney(value, tongue.locale);
}
