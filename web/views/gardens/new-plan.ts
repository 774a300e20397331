import type { Market } from '@lignum/core/catalogue/stock';
import { DEMO_CURRENCY, DEMO_PRICES } from '@lignum/core/demo/prices';
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
  { id: 'de-DE', label: 'German' },
  { id: 'fr-FR', label: 'French' },
  { id: 'nl-NL', label: 'Dutch' },
  { id: 'sv-SE', label: 'Swedish' },
] as const;

/** An empty garden with the example prices, renamed into its own currency. */
export function newPlan(name: string, market: Market, currency: string): Plan {
  return changeCurrency(currency)({
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    garden: {
      name,
      note: '',
      market,
      locale: currency === 'USD' ? 'en-US' : currency === 'GBP' ? 'en-GB' : 'en-IE',
      currency: DEMO_CURRENCY,
      reachMm: market === 'imperial' ? feet(7) : 2130,
    },
    site: {
      soil: 'loam',
      wind: 'usual',
      latitudeDeg: 52,
      longitudeDeg: 0,
      northDeg: 0,
      widthMm: market === 'imperial' ? feet(40) : 12_000,
      depthMm: market === 'imperial' ? feet(40) : 12_000,
      lastFrost: '05-01',
      firstFrost: '10-20',
      frostDepthMm: 300,
      gustMs: 28,
      armMm: ARM_MM,
      visitors: [],
    },
    beds: [],
    features: [],
    crops: [],
    plantings: [],
    structures: [],
    shed: [],
    priceBook: DEMO_PRICES,
  });
}
