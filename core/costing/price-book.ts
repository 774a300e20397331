import type { Money } from '../quantity/money';

/** One size of a stock item as a shop sells it: a length in mm for bars, posts and reels, kg for bags, a number of pieces for packs, 1 for a panel. */
export interface PriceLine {
  stock: string;
  size: number;
  price: Money;
  /** Which shop asks it, where it is known; another may sell the same size at another price. */
  shop?: string;
}

export interface PriceBook {
  taxPercent: number;
  pricesIncludeTax: boolean;
  /** Wished for beyond the count of small parts, for those that are lost or break: as long as the packs hold it. */
  sparePercent: number;
  /** Stock of which the spare is bought even where that takes another pack. */
  sparesAsked?: readonly string[];
  /** Shops nobody goes to for this garden: what only they sell is not on offer. */
  shopsLeft?: readonly string[];
  lines: readonly PriceLine[];
}

/** Two sizes of an item nearer than half a unit are one, as a shop sees them. @example sizeOf({ stock: 'twine-jute', size: 25_000.2 }) // 'twine-jute 25000' */
export const sizeOf = ({ stock, size }: Pick<PriceLine, 'stock' | 'size'>): string =>
  `${stock} ${Math.round(size * 2) / 2}`;

/** The shops that a book names, in the order of their first price. */
export const shopsIn = ({ lines }: Pick<PriceBook, 'lines'>): string[] => [
  ...new Set(lines.flatMap(({ shop }) => shop ?? [])),
];

/**
 * What each size is bought for: of all that sell it and are gone to, where it costs least; of equals the one that stands
 * first. A book that names no shop is all of it. Decision 73.
 */
export function bestLines({ lines, shopsLeft = [] }: Pick<PriceBook, 'lines' | 'shopsLeft'>): readonly PriceLine[] {
  if (lines.every(({ shop }) => shop === undefined)) return lines;
  const least = new Map<string, PriceLine>();
  for (const line of lines) {
    const before = least.get(sizeOf(line));
    if (!shopsLeft.includes(line.shop ?? '') && !(before && before.price.minor <= line.price.minor))
      least.set(sizeOf(line), line);
  }
  return [...least.values()];
}

/** What each of several shops comes to, in the order of their names; blank where none is named. Minor units. */
export function sumsByShop(
  purchases: readonly { shop?: string; costMinor: number }[],
): [shop: string, minor: number][] {
  const sums = new Map<string, number>();
  for (const { shop = '', costMinor } of purchases) sums.set(shop, (sums.get(shop) ?? 0) + costMinor);
  return [...sums].toSorted(([a], [b]) => a.localeCompare(b, 'en'));
}

/** Left over and free to use. `size` as in {@link PriceLine}; for a panel piece, its number of whole meshes. */
export interface ShedPiece {
  stock: string;
  size: number;
  count: number;
  note: string;
}
