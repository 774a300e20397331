import type { Crop } from '../crops/crop';
import { dayAtHeight, yearOf, type Climate, type Growing } from './growth';

/**
 * The day on which a crop reaches what lies over it, so high over the soil, and it is lifted off or eaten through:
 * days from 1 January, null where it never grows so high. What stands higher than its cover through the winter has
 * outgrown it when its buds break. What a bench, a calendar and the list of who is kept out say of a cover is this one
 * day.
 */
export const outgrownOn = (crop: Growing & Pick<Crop, 'heightMm'>, overMm: number, site: Climate): number | null =>
  crop.heightMm <= overMm
    ? null
    : crop.years?.winter === 'stands'
      ? yearOf(crop, site).starts
      : dayAtHeight(crop, Math.max(0, overMm), site);
