import type { Market } from '@lignum/core/catalogue/stock';
import { examplePrices } from '@lignum/core/demo/example-prices';
import { DEMO_CURRENCY } from '@lignum/core/demo/prices';
import { seasonAhead } from '@lignum/core/site/seasons';
import type { Region } from '@lignum/core/site/regions';
import { PLAN_FORMAT, PLAN_VERSION, type Plan } from '@lignum/core/plan/plan';
import { ARM_MM } from '@lignum/core/site/bed';
import { feet } from '@lignum/core/quantity/length';
import { changeCurrency } from '../shell/ground-edits';

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

/** An empty garden in a region: its place, its year, how shops there sell; with the example prices, renamed into its money. */
export function newPlan(name: string, region: Region, market: Market, currency: string, today: Date): Plan {
  return changeCurrency(currency)({
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    garden: {
      name,
      note: '',
      year: seasonAhead(today.getFullYear(), today.getMonth() + 1, region.site.latitudeDeg),
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
