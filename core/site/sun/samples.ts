import type { Site } from '../plot';
import { sunPosition, type Coordinates, type SunPosition } from './sun-position';

/** One instant of sun, and the hours it stands for. */
export interface SunSample {
  sun: SunPosition;
  hours: number;
}

/** The middle of each month that falls between the frosts, at least one; months 1 to 12. Works across the new year. */
export function growingMonths(site: Pick<Site, 'lastFrost' | 'firstFrost'>): number[] {
  const from = Number(site.lastFrost.slice(0, 2));
  const to = Number(site.firstFrost.slice(0, 2));
  const count = ((to - from + 12) % 12) + 1;
  return Array.from({ length: count }, (_, i) => ((from - 1 + i) % 12) + 1);
}

/** The month in the middle of the growing season, 1 to 12. */
export function midMonth(site: Pick<Site, 'lastFrost' | 'firstFrost'>): number {
  const months = growingMonths(site);
  return months[Math.floor(months.length / 2)] as number;
}

/** When the sun's own day begins at a longitude, on a day that begins at UTC midnight. Milliseconds of UTC. */
export const solarMidnight = (utcMidnightMs: number, longitudeDeg: number): number =>
  utcMidnightMs - (longitudeDeg / 15) * 3_600_000;

/** A day's sun every `stepMinutes`, for a day that begins at UTC midnight less the place's own offset. */
export function samplesOfDay(
  year: number,
  month: number,
  day: number,
  place: Coordinates,
  stepMinutes = 10,
): SunSample[] {
  const start = solarMidnight(Date.UTC(year, month - 1, day), place.longitudeDeg);
  const count = Math.round((24 * 60) / stepMinutes);
  return Array.from({ length: count }, (_, i): SunSample => ({
    sun: sunPosition(start + (i + 0.5) * stepMinutes * 60_000, place),
    hours: stepMinutes / 60,
  })).filter((sample) => sample.sun.altitudeRad > 0);
}
