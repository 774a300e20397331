import { UTCDateMini } from '@date-fns/utc';
import { getDayOfYear, lightFormat, setDayOfYear } from 'date-fns';
import type { Crop } from '../../crops/crop';
import type { Site } from '../plot';
import { COMMON_YEAR } from './samples';

/** Days from 1 January of a "MM-DD"; a common year. */
export function dayOfYear(monthDay: string): number {
  const [month = 1, day = 1] = monthDay.split('-').map(Number);
  return getDayOfYear(new UTCDateMini(COMMON_YEAR, month - 1, day)) - 1;
}

/** The "MM-DD" of so many days from 1 January of a common year; before it and after its end it goes round. */
export const monthDayOf = (day: number): string =>
  lightFormat(setDayOfYear(new UTCDateMini(COMMON_YEAR, 0), (((Math.round(day) % 365) + 365) % 365) + 1), 'MM-dd');

/** Days from 1 January on which a crop of straight growth reaches a height, sown or planted in its first week; null where it never does. */
export function dayAtHeight(
  crop: Pick<Crop, 'heightMm' | 'sow' | 'daysToCrop'>,
  heightMm: number,
  site: Pick<Site, 'lastFrost'>,
): number | null {
  return heightMm > crop.heightMm
    ? null
    : dayOfYear(site.lastFrost) + crop.sow.from * 7 + (heightMm / crop.heightMm) * crop.daysToCrop.least;
}

/**
 * How far a crop has grown on a day, 0 to 1: from the first week it can be sown or planted out, full
 * by its first picking, gone with the first frost when tender. A straight line; from memory.
 */
export function grownShare(
  crop: Pick<Crop, 'hardiness' | 'sow' | 'daysToCrop' | 'seasons'>,
  day: number,
  site: Pick<Site, 'lastFrost' | 'firstFrost'>,
): number {
  const since = (from: number): number => (((day - from) % 365) + 365) % 365;
  if (crop.seasons > 1) return since(dayOfYear(site.lastFrost) - 30) < 240 ? 1 : 0.2;
  const start = dayOfYear(site.lastFrost) + crop.sow.from * 7;
  const ends =
    since(start) >
    ((((dayOfYear(site.firstFrost) - start) % 365) + 365) % 365) + (crop.hardiness === 'tender' ? 0 : 30);
  return ends ? 0 : Math.min(1, since(start) / crop.daysToCrop.least);
}

/** Share of the sun a full leaf wall takes (from memory). */
export const LEAFY_OPACITY = 0.75;
