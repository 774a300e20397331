import type { Wind } from '../../site/soil';
import { leafDrag, monthGust } from '../../statics/drag';
import { lowDown, onceIn, windPressure } from '../../statics/wind';
import type { Setting } from '../setting';

/** A gust is asked of that comes once in so many summers: what stands in a garden a few years is built for no rarer (from memory; EN 1991-1-6:2005, table 3.1, asks ten years of what stands up to three). */
export const ONCE_IN_YEARS = 10;
/** The month that a day of the year lies in, 0 for January (months taken as a twelfth). */
const monthOf = (day: number): number => Math.min(11, Math.floor(((day - 1) % 365) / (365 / 12)));

/** The gust of a day that comes once in ten years, ten metres up in open country. m/s. */
export const gustOn = ({ site }: Setting, day: number): number =>
  site.gustMs * onceIn(ONCE_IN_YEARS) * monthGust(monthOf(day), site.latitudeDeg >= 0);

/** What of a gust, as it is told for ten metres up in open country, comes to what stands low down in a garden. m/s. */
export const speedAt = (wind: Wind, gustMs: number): number => gustMs * Math.sqrt(lowDown(wind));

/** How a gust comes to push: each thing it is multiplied by, so that the sum can be followed. */
export interface WindSum {
  /** The strongest of fifty years, ten metres up in open country. m/s. */
  siteMs: number;
  onceInYears: number;
  onceIn: number;
  month: number;
  /** As it is asked about, ten metres up in open country, and what of it comes to the structure. m/s. */
  gustMs: number;
  lowDown: number;
  speedMs: number;
  /** ½ ρ v². N/m². */
  pressure: number;
  leafDrag: number;
}

/** @example windSumOf(setting, 227, gustOn(setting, 227)).pressure */
export function windSumOf({ site, wind }: Setting, day: number, gustMs: number): WindSum {
  const speedMs = speedAt(wind, gustMs);
  return {
    siteMs: site.gustMs,
    onceInYears: ONCE_IN_YEARS,
    onceIn: onceIn(ONCE_IN_YEARS),
    month: monthGust(monthOf(day), site.latitudeDeg >= 0),
    gustMs,
    lowDown: Math.sqrt(lowDown(wind)),
    speedMs,
    pressure: windPressure(speedMs),
    leafDrag: leafDrag(speedMs),
  };
}
