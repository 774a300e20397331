import type { Crop } from '../crops/crop';
import type { Site } from './plot';
import { dayOfYear, monthDayOf } from './sun/season';

/** Share of the way from sowing to the first picking at which a crop flowers (from memory). */
const FLOWERS_AT = 0.55;

/** A bee gets through from here on (from memory). mm. */
const BEE_MM = 10;

/** The day from which a cover of this mesh has to be opened for the insects that a crop needs; null where it needs none, or they get in. */
export const opensOn = (
  crop: Pick<Crop, 'underNet' | 'sow' | 'daysToCrop'>,
  site: Pick<Site, 'lastFrost'>,
  openingMm: number,
): string | null =>
  crop.underNet === 'opens for insects' && openingMm < BEE_MM
    ? monthDayOf(dayOfYear(site.lastFrost) + crop.sow.from * 7 + FLOWERS_AT * crop.daysToCrop.least)
    : null;

/** Of the crops under a cover of this mesh the first that it has to be opened for, and when; null where none is. */
export function firstToOpen(
  crops: readonly Pick<Crop, 'name' | 'underNet' | 'sow' | 'daysToCrop'>[],
  site: Pick<Site, 'lastFrost'>,
  openingMm: number,
): { crop: string | null; on: string | null } {
  const days = crops.flatMap((crop) => {
    const on = opensOn(crop, site, openingMm);
    return on === null ? [] : [{ crop: crop.name, on }];
  });
  return days.toSorted((a, b) => dayOfYear(a.on) - dayOfYear(b.on))[0] ?? { crop: null, on: null };
}
