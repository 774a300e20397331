import type { Units } from '@lignum/core/quantity/length';

/** How a person writes lengths is kept on their device, and sent along so that a page comes written so. */
export const UNITS_COOKIE = 'lignum-units';
const A_YEAR_S = 365 * 24 * 3600;

/** What was chosen on this device; null where nothing was, or nothing that is known. */
export const unitsKept = (value: string | undefined): Units | null =>
  value === 'imperial' || value === 'metric' ? value : null;

export function keepUnits(units: Units): void {
  document.cookie = `${UNITS_COOKIE}=${units}; path=/; max-age=${A_YEAR_S}; samesite=lax`;
}
