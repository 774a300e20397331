import type { PlanSpot, Site } from '../plot';
import { midMonth, samplesOfDay, type SunSample } from './samples';
import { COMMON_YEAR } from './season';
import { LEAST_ALTITUDE_RAD, shadowPerHeight } from './shadow';

const days = new WeakMap<Site, readonly SunSample[]>();
/** The sun of the middle day of the growing season, every ten minutes. */
export function midSeason(site: Site): readonly SunSample[] {
  const before = days.get(site);
  if (before) return before;
  const samples = samplesOfDay(COMMON_YEAR, midMonth(site), 15, site).filter(
    ({ sun }) => sun.altitudeRad > LEAST_ALTITUDE_RAD,
  );
  days.set(site, samples);
  return samples;
}

/**
 * Hours a day that a wall between two spots, so high, stands between a spot and the sun. The soil is
 * taken as level: `spot` lies in the shadow of the wall's point `wall` at height h where
 * spot = wall + h × {@link shadowPerHeight}.
 */
export function hoursBehind(
  [a, b]: readonly [PlanSpot, PlanSpot],
  highMm: number,
  spot: PlanSpot,
  samples: readonly SunSample[],
  northDeg: number,
): number {
  const [ux, uy] = [b[0] - a[0], b[1] - a[1]];
  const [wx, wy] = [spot[0] - a[0], spot[1] - a[1]];
  return samples.reduce((sum, { sun, hours }) => {
    const [sx, sy] = shadowPerHeight(sun, northDeg);
    const across = ux * sy - uy * sx;
    if (across === 0) return sum;
    const along = (wx * sy - wy * sx) / across;
    const height = (ux * wy - uy * wx) / across;
    return along >= 0 && along <= 1 && height >= 0 && height <= highMm ? sum + hours : sum;
  }, 0);
}
