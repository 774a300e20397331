import type { Money } from '../quantity/money';

/** One size of a stock item as a shop sells it: a length in mm for bars, posts and reels, kg for bags, a number of pieces for packs, 1 for a panel. */
export interface PriceLine {
  stock: string;
  size: number;
  price: Money;
}

export interface PriceBook {
  taxPercent: number;
  pricesIncludeTax: boolean;
  /** Wished for beyond the count of small parts, for those that are lost or break: as long as the packs hold it. */
  sparePercent: number;
  /** Stock of which the spare is bought even where that takes another pack. */
  sparesAsked?: readonly string[];
  lines: readonly PriceLine[];
}

/** Left over and free to use. `size` as in {@link PriceLine}; for a panel piece, its number of whole meshes. */
export interface ShedPiece {
  stock: string;
  size: number;
  count: number;
  note: string;
}
