import type { Catalogue, Market } from '../catalogue/stock';
import type { Planted } from '../crops/planted';
import type { Saw } from '../cutting/saw';
import type { Soil, Wind } from '../site/soil';
import type { Site } from '../site/plot';
import type { Second } from '../site/visitors';
import type { Guest } from '../site/stands/opening';
import type { Place, PlaceOn } from '../site/stands/stands';
import type { WallBehind } from '../site/wall';

/**
 * Everything a kind may know about where its structure will stand; `P` is the places it can take. Decision 21.
 * @example setting.planted.map(({ crop }) => crop.name)
 */
export interface Setting<P extends Place = Place> {
  place: P;
  /** What wants to stand in its run. */
  guests: readonly Guest[];
  /** What runs along all of the fence that it is, or stands in. */
  second: Second | null;
  /** What stands behind the bed it stands on, and could carry it. */
  wall: WallBehind | null;
  /** Of the bed it stands on, else of the plot. */
  soil: Soil;
  wind: Wind;
  planted: readonly Planted[];
  /** Lengths of it as it was built, by knob: they stand over what is set and suggested. mm. */
  measured: Readonly<Record<string, number>>;
  /** Height the tallest user can reach with both feet on the ground. mm. */
  reachMm: number;
  /** How far a person picks from where they stand. mm. */
  armMm: number;
  /** Frosts, for dates; latitude and north, for which side is shaded; who visits. */
  site: Site;
  saw: Saw;
  market: Market;
  catalogue: Catalogue;
  /** Sizes on sale of a stock item (length in mm, or pack size), ascending; empty where it cannot be had. */
  sizesOf(stock: string): readonly number[];
  /** What one of a stock item in a size costs, in minor units; null where it cannot be had so. */
  priceOf(stock: string, size: number): number | null;
}

/** The setting of what stands on a bed. @example setting.place.bed.lengthMm */
export type BedSetting = Setting<PlaceOn<'bed'>>;

export const isOffered = (setting: Setting, stock: string): boolean => setting.sizesOf(stock).length > 0;
