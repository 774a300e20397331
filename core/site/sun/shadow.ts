import type { PlanSpot } from '../plot';
import type { SunPosition } from './sun-position';

/** Light lower than this is weak and shadows endless: not counted as direct sun (from memory). */
export const LEAST_ALTITUDE_RAD = (3 * Math.PI) / 180;

/** Where the top of a thing one unit high throws its shadow, on the plan: a shadow is as long as height × cot(altitude). */
export function shadowPerHeight(sun: SunPosition, northDeg: number): PlanSpot {
  const bearing = sun.azimuthRad - (northDeg * Math.PI) / 180;
  const length = 1 / Math.tan(sun.altitudeRad);
  return [-Math.sin(bearing) * length, -Math.cos(bearing) * length];
}
