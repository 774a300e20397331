import { UTCDateMini } from '@date-fns/utc';
import { getDayOfYear, lightFormat, setDayOfYear } from 'date-fns';
import type { Crop } from '../../crops/crop';
import type { Site } from '../plot';
import { sunPosition, type Place, type SunPosition } from './sun-position';

/** One instant of sun, and the hours it stands for. */
export interface SunSample {
  sun: SunPosition;
  hours: number;
}

/** Any common year: the sun of one is the sun of the next to a fraction of a degree. */
export const COMMON_YEAR = 2026;

/** The middle of each month that falls between the frosts, at least one; months 1 to 12. Works across the new year. */
export function growingMonths(site: Pick<Site, 'lastFrost' | 'firstFrost'>): number[] {
  const from = Number(site.lastFrost.slice(0, 2));
  const to = Number(site.firstFrost.slice(0, 2));
  const count = ((to - from + 12) % 12) + 1;
  return Array.from({ length: count }, (_, i) => ((from - 1 + i) % 12) + 1);
}

/** A day's sun every `stepMinutes`, for a day that begins at UTC midnight less the place's own offset. */
export function samplesOfDay(year: number, month: number, day: number, place: Place, stepMinutes = 10): SunSample[] {
  const start = Date.UTC(year, month - 1, day) - (place.longitudeDeg / 15) * 3_600_000;
  const count = Math.round((24 * 60) / stepMinutes);
  return Array.from({ length: count }, (_, i): SunSample => ({
    sun: sunPosition(start + (i + 0.5) * stepMinutes * 60_000, place),
    hours: stepMinutes / 60,
  })).filter((sample) => sample.sun.altitudeRad > 0);
}

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
