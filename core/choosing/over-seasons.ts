import type { Catalogue } from '../catalogue/stock';
import type { Purchase } from '../costing/buy';
import { partTax } from '../costing/cost';
import type { PriceBook } from '../costing/price-book';

/** What has been spent after so many seasons, tax included: everything once, and again whenever its life is over. Minor units. */
export function spentAfter(
  purchases: readonly Purchase[],
  seasons: number,
  catalogue: Catalogue,
  book: Pick<PriceBook, 'taxPercent' | 'pricesIncludeTax'>,
): number {
  const price = purchases.reduce(
    (sum, one) => sum + one.costMinor * Math.ceil(seasons / catalogue.stock(one.stock).life.seasons),
    0,
  );
  const { netMinor, taxMinor } = partTax(price, book);
  return netMinor + taxMinor;
}

/** Spent after 1, 2 … `seasons` seasons. */
export const spending = (
  purchases: readonly Purchase[],
  seasons: number,
  catalogue: Catalogue,
  book: Pick<PriceBook, 'taxPercent' | 'pricesIncludeTax'>,
): number[] => Array.from({ length: seasons }, (_, i) => spentAfter(purchases, i + 1, catalogue, book));

/** Spent after each season on as many of something as hold all the plants; `share` is how many times its purchases that is. */
export const spentOnAll = (
  { purchases, share }: { purchases: readonly Purchase[]; share: number },
  seasons: number,
  catalogue: Catalogue,
  book: Pick<PriceBook, 'taxPercent' | 'pricesIncludeTax'>,
): number[] => spending(purchases, seasons, catalogue, book).map((minor) => Math.round(minor * share));

/** The season from which the dearer start has become the cheaper for good, within what is looked at; null where it never does. */
export function overtakesIn(dearerAtFirst: readonly number[], cheaperAtFirst: readonly number[]): number | null {
  if ((dearerAtFirst[0] ?? 0) <= (cheaperAtFirst[0] ?? 0)) return null;
  for (let season = 0; season < dearerAtFirst.length; season++) {
    if (dearerAtFirst.slice(season).every((spent, i) => spent < (cheaperAtFirst[season + i] ?? 0))) return season + 1;
  }
  return null;
}
