import type { Catalogue } from '../catalogue/stock';
import type { Purchase } from '../costing/buy';

/** What has been spent after so many seasons: everything once, and again whenever its life is over. Minor units. */
export function spentAfter(purchases: readonly Purchase[], seasons: number, catalogue: Catalogue): number {
  return purchases.reduce(
    (sum, one) => sum + one.costMinor * Math.ceil(seasons / catalogue.stock(one.stock).life.seasons),
    0,
  );
}

/** Spent after 1, 2 … `seasons` seasons. */
export const spending = (purchases: readonly Purchase[], seasons: number, catalogue: Catalogue): number[] =>
  Array.from({ length: seasons }, (_, i) => spentAfter(purchases, i + 1, catalogue));

/** The season from which the dearer start has become the cheaper for good, within what is looked at; null where it never does. */
export function overtakesIn(dearerAtFirst: readonly number[], cheaperAtFirst: readonly number[]): number | null {
  if ((dearerAtFirst[0] ?? 0) <= (cheaperAtFirst[0] ?? 0)) return null;
  for (let season = 0; season < dearerAtFirst.length; season++) {
    if (dearerAtFirst.slice(season).every((spent, i) => spent < (cheaperAtFirst[season + i] ?? 0))) return season + 1;
  }
  return null;
}
