import type { PriceLine } from '../costing/price-book';
import type { Plan } from '../plan/plan';
import { minorDigits } from '../quantity/money';
import { REGIONS } from '../site/regions';
import { examplePrices } from './example-prices';
import { DEMO_PRICES } from './prices';

/** Every price that was ever made up: of the demo, and as it is begun with in each region, by stock, size and figure. */
let made: ReadonlySet<string> | null = null;

const keyOf = (stock: string, size: number, minor: number): string => `${stock} ${Math.round(size)} ${minor}`;

function allMade(): ReadonlySet<string> {
  const books = [
    DEMO_PRICES,
    ...REGIONS.flatMap((region) => [examplePrices(region, 'imperial'), examplePrices(region, 'metric')]),
  ];
  return new Set(
    books.flatMap(({ lines }) => lines.map(({ stock, size, price: { minor } }) => keyOf(stock, size, minor))),
  );
}

/**
 * Whether a price is one that the program made up: the figure it began with, whatever it is called by now. A price of
 * one's own that happens to be the same is taken for it, unless it says whose it is.
 */
export function isInvented({ stock, size, shop, price: { minor, currency } }: PriceLine): boolean {
  if (shop !== undefined) return false;
  made ??= allMade();
  // In another money the figures stay, with as many digits as that has.
  const scale = 10 ** (minorDigits('EUR') - minorDigits(currency));
  return made.has(keyOf(stock, size, Math.round(minor * scale)));
}

/** How many of a garden's prices are made up, of those it uses and of all. */
export function inventedIn({ priceBook }: Plan, used: ReadonlySet<string>): { used: number; all: number } {
  const invented = priceBook.lines.filter(isInvented);
  return { used: invented.filter(({ stock }) => used.has(stock)).length, all: invented.length };
}
