import type { Catalogue } from '../catalogue/stock';
import type { Crop, Training } from '../crops/crop';
import type { Units } from '../quantity/length';
import type { Bed } from '../site/bed';
import type { Saw } from '../cutting/saw';
import type { Feature, Site } from '../site/plot';

/** Plants that this structure is to carry. */
export interface Planted {
  id: string;
  crop: Crop;
  training: Training;
  count: number;
}

/** Everything a kind may know about where its structure will stand. */
export interface Setting {
  bed: Bed;
  planted: readonly Planted[];
  /** Height the tallest user can reach with both feet on the ground. mm. */
  reachMm: number;
  /** How far a person picks from where they stand. mm. */
  armMm: number;
  /** What else lies on the plot, some of it to be kept clear of. */
  features: readonly Feature[];
  /** Frosts, for dates; latitude and north, for which side is shaded. */
  site: Site;
  saw: Saw;
  units: Units;
  catalogue: Catalogue;
  /** Sizes on sale of a stock item (length in mm, or pack size), ascending; empty where it cannot be had. */
  sizesOf(stock: string): readonly number[];
}

/** The plant that asks most of the support: the heaviest, then the tallest. Null for a row with nothing planned in it. */
export function leadPlant(setting: Setting): Planted | null {
  const load = { light: 0, medium: 1, heavy: 2 };
  return setting.planted.reduce<Planted | null>((lead, next) => {
    if (!lead) return next;
    const heavier = load[next.crop.load] - load[lead.crop.load];
    return heavier > 0 || (heavier === 0 && next.crop.supportToMm > lead.crop.supportToMm) ? next : lead;
  }, null);
}

export const isOffered = (setting: Setting, stock: string): boolean => setting.sizesOf(stock).length > 0;
