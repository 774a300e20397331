import type { Market } from '@lignum/core/catalogue/stock';
import { examplePrices } from '@lignum/core/demo/example-prices';
import { DEMO_CURRENCY } from '@lignum/core/demo/prices';
import type { Region } from '@lignum/core/site/regions';
import { PLAN_FORMAT, PLAN_VERSION, type Plan } from '@lignum/core/plan/plan';
import { ARM_MM } from '@lignum/core/site/bed';
import { feet } from '@lignum/core/quantity/length';
import { changeCurrency } from '../shell/edits';

/** Currencies offered; a plan file may name any other of ISO 4217. */
export const CURRENCIES = ['EUR', 'USD', 'GBP', 'CAD', 'AUD', 'NZD', 'SEK', 'CHF', 'JPY'] as const;
export const MARKETS = [
  { id: 'imperial', label: 'by the inch' },
  { id: 'metric', label: 'by the millimetre' },
] as const satisfies readonly { id: Market; label: string }[];
export const LOCALES = [
  { id: 'en-IE', label: 'English' },
  { id: 'en-US', label: 'English (US)' },
  { id: 'en-GB', label: 'English (UK)' },
  { id: 'en-CA', label: 'English (Canada)' },
  { id: 'en-AU', label: 'English (Australia)' },
  { id: 'en-NZ', label: 'English (New Zealand)' },
  { id: 'de-DE', label: 'German' },
  { id: 'fr-FR', label: 'French' },
  { id: 'nl-NL', label: 'Dutch' },
  { id: 'sv-SE', label: 'Swedish' },
] as const;

/** From this month on the next season is planned, in the north and in the south (from memory). */
const PLANNED_FROM = { north: 9, south: 5 };

/** The season that is planned on a day, by the year in which it begins. @example seasonAhead(new Date(2026, 10, 29), 52) // 2027 */
export function seasonAhead(today: Date, latitudeDeg: number): number {
  const year = today.getFullYear();
  // Southern summers begin in the year before the one they end in.
  if (latitudeDeg < 0) return today.getMonth() >= PLANNED_FROM.south - 1 ? year : year - 1;
  return today.getMonth() >= PLANNED_FROM.north - 1 ? year + 1 : year;
}

/** An empty garden in a region: its place, its year, how shops there sell; with the example prices, renamed into its money. */
export function newPlan(name: string, region: Region, market: Market, currency: string, today: Date): Plan {
  return changeCurrency(currency)({
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    garden: {
      name,
      note: '',
      year: seasonAhead(today, region.site.latitudeDeg),
      market,
      locale: region.locale,
      currency: DEMO_CURRENCY,
      reachMm: market === 'imperial' ? feet(7) : 2130,
    },
    site: {
      ...region.site,
      region: region.id,
      soil: 'loam',
      wind: 'usual',
      northDeg: 0,
      widthMm: market === 'imperial' ? feet(40) : 12_000,
      depthMm: market === 'imperial' ? feet(40) : 12_000,
      armMm: ARM_MM,
      visitors: [],
    },
    beds: [],
    features: [],
    crops: [],
    plantings: [],
    structures: [],
    shed: [],
    priceBook: examplePrices(region, market),
  });
}
