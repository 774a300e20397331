import type { Catalogue } from '../catalogue/stock';
import type { PriceBook } from './price-book';
import type { Shopping } from './buy';

/** What a structure or a garden costs, in minor units; tax apart. Decision 23. */
export interface Cost {
  netMinor: number;
  taxMinor: number;
  totalMinor: number;
  /** Total shared by the plants that are planned; null where there are none. */
  perPlantMinor: number | null;
  perMetreMinor: number;
  /** Each purchase spread over the seasons it lasts outdoors, tax included. */
  perSeasonMinor: number;
  /** False when something on the bill has no price, so that the total is too low. */
  complete: boolean;
}

/** Price parted into net and tax: added on top, or taken out of prices that include it. Half up to a minor unit. */
export function partTax(
  priceMinor: number,
  book: Pick<PriceBook, 'taxPercent' | 'pricesIncludeTax'>,
): { netMinor: number; taxMinor: number } {
  if (!book.pricesIncludeTax)
    return { netMinor: priceMinor, taxMinor: Math.round((priceMinor * book.taxPercent) / 100) };
  const netMinor = Math.round(priceMinor / (1 + book.taxPercent / 100));
  return { netMinor, taxMinor: priceMinor - netMinor };
}

/** What one of several that were paid for together costs as the book writes prices: with its tax, or before it. Half up to a minor unit. */
export const eachOf = (
  paidMinor: number,
  count: number,
  { taxPercent, pricesIncludeTax }: Pick<PriceBook, 'taxPercent' | 'pricesIncludeTax'>,
): number => Math.round(paidMinor / count / (pricesIncludeTax ? 1 : 1 + taxPercent / 100));

export function cost(
  shopping: Shopping,
  book: PriceBook,
  catalogue: Catalogue,
  o: { plants: number; rowMm: number },
): Cost {
  const price = shopping.purchases.reduce((sum, one) => sum + one.costMinor, 0);
  const { netMinor, taxMinor } = partTax(price, book);
  const totalMinor = netMinor + taxMinor;
  const seasonPrice = shopping.purchases.reduce(
    (sum, one) => sum + one.costMinor / catalogue.stock(one.stock).life.seasons,
    0,
  );
  return {
    netMinor,
    taxMinor,
    totalMinor,
    perPlantMinor: o.plants > 0 ? Math.round(totalMinor / o.plants) : null,
    perMetreMinor: o.rowMm > 0 ? Math.round((totalMinor * 1000) / o.rowMm) : 0,
    perSeasonMinor: price > 0 ? Math.round((seasonPrice * totalMinor) / price) : 0,
    complete: shopping.missing.length === 0,
  };
}
