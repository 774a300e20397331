import { numberFormat } from './number-format';

/** Money is a whole number of minor units (cents, pence) with its ISO 4217 currency beside it. */
export interface Money {
  minor: number;
  currency: string;
}

export const money = (minor: number, currency: string): Money => ({ minor: Math.round(minor), currency });

/** Digits after the point for a currency: 2 for EUR, 0 for JPY (ISO 4217, as the runtime's Intl has it). */
export function minorDigits(currency: string): number {
  const known = digitsKnown.get(currency);
  if (known !== undefined) return known;
  const digits = numberFormat('en', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ?? 2;
  digitsKnown.set(currency, digits);
  return digits;
}
/** Asked for at every sum that is shown, and slow to be had. */
const digitsKnown = new Map<string, number>();

export function formatMoney({ minor, currency }: Money, locale: string): string {
  return numberFormat(locale, { style: 'currency', currency }).format(minor / 10 ** minorDigits(currency));
}

/** Major units as a plain number for a field or a CSV cell: 12.50. */
export function plainMoney({ minor, currency }: Money): string {
  const digits = minorDigits(currency);
  return (minor / 10 ** digits).toFixed(digits);
}

/** Reads `12.50`, `12,50` or `12` as minor units; null when it is not an amount of money, or has more digits than the currency. */
export function parseMinor(text: string, currency: string): number | null {
  const digits = minorDigits(currency);
  const read = /^(\d{1,10})(?:[.,](\d+))?$/.exec(text.trim());
  if (!read || (read[2]?.length ?? 0) > digits) return null;
  return Number(read[1]) * 10 ** digits + Number((read[2] ?? '').padEnd(digits, '0') || 0);
}
