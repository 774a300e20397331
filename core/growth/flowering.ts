import type { Crop } from '../crops/crop';
import { dayOfYear, monthDayOf } from '../site/sun/season';
import { yearOf, type Climate, type Growing } from './growth';

/** A bee gets through from here on (from memory). mm. */
const BEE_MM = 10;

type Flowering = Growing & Pick<Crop, 'underNet'>;

/** The day from which a cover of this mesh has to be opened for the insects that a crop needs; null where it needs none, or they get in. */
export function opensOn(crop: Flowering, site: Climate, openingMm: number): string | null {
  const flowers = crop.underNet === 'opens for insects' && openingMm < BEE_MM ? yearOf(crop, site).flowers : null;
  return flowers === null ? null : monthDayOf(flowers);
}

/** Of the crops under a cover of this mesh the first that it has to be opened for, and when; null where none is. */
export function firstToOpen(
  crops: readonly (Flowering & Pick<Crop, 'name'>)[],
  site: Climate,
  openingMm: number,
): { crop: string | null; on: string | null } {
  const days = crops.flatMap((crop) => {
    const on = opensOn(crop, site, openingMm);
    return on === null ? [] : [{ crop: crop.name, on }];
  });
  return days.toSorted((a, b) => dayOfYear(a.on) - dayOfYear(b.on))[0] ?? { crop: null, on: null };
}
