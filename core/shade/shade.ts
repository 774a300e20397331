import { outlineOf } from '../geometry/outline';
import type { PlanSpot } from '../site/plot';
import type { SunSample } from '../site/sun/samples';
import { LEAST_ALTITUDE_RAD, shadowPerHeight } from '../site/sun/shadow';

/** A place on the plot and its height over the paths. mm. */
export type Corner = readonly [xMm: number, yMm: number, highMm: number];

/** Something convex that stands in the sun's way: how much of the light it takes, its corners, and the box they lie in. */
export interface Shader {
  opacity: number;
  corners: readonly Corner[];
  box: Bounds;
  topMm: number;
}

export const shader = (corners: readonly Corner[], opacity: number): Shader => ({
  opacity,
  corners,
  box: boundsOf(corners),
  topMm: corners.reduce((top, corner) => Math.max(top, corner[2]), 0),
});

/** Outline (convex) of the shadow a thing throws on level ground, or on soil so far above it; empty where all of it is lower. */
export function shadowOf({ corners, topMm }: Shader, [dx, dy]: PlanSpot, soilMm = 0): PlanSpot[] {
  if (soilMm > 0 && topMm <= soilMm) return [];
  return outlineOf(
    corners.map(([x, y, high]): PlanSpot => {
      const over = Math.max(0, high - soilMm);
      return [x + dx * over, y + dy * over];
    }),
  );
}

export interface Bounds {
  least: PlanSpot;
  most: PlanSpot;
}
export function boundsOf(spots: readonly (PlanSpot | Corner)[]): Bounds {
  let [left, right, low, high] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const [x, y] of spots) {
    left = Math.min(left, x);
    right = Math.max(right, x);
    low = Math.min(low, y);
    high = Math.max(high, y);
  }
  return { least: [left, low], most: [right, high] };
}

/** Whether a shadow could fall among places, by the box it lies in: far cheaper than its outline, and most fall elsewhere. */
export function couldFallOn(
  { least, most }: Bounds,
  { box, topMm }: Shader,
  [dx, dy]: PlanSpot,
  soilMm: number,
): boolean {
  const over = Math.max(0, topMm - soilMm);
  return (
    box.least[0] + Math.min(0, dx * over) <= most[0] &&
    box.most[0] + Math.max(0, dx * over) >= least[0] &&
    box.least[1] + Math.min(0, dy * over) <= most[1] &&
    box.most[1] + Math.max(0, dy * over) >= least[1]
  );
}

/** A grid of square cells over the plot; cell (0, 0) is at the lower left. */
export interface Grid {
  cellMm: number;
  columns: number;
  rows: number;
}

export const gridOver = (widthMm: number, depthMm: number, cellMm: number): Grid => ({
  cellMm,
  columns: Math.max(1, Math.ceil(widthMm / cellMm)),
  rows: Math.max(1, Math.ceil(depthMm / cellMm)),
});

/** Dims the cells whose middle lies inside a convex outline, by scan lines. */
export function dim(light: Float32Array, grid: Grid, outline: readonly PlanSpot[], opacity: number): void {
  if (outline.length < 3 || opacity <= 0) return;
  let low = Infinity;
  let high = -Infinity;
  for (const [, y] of outline) {
    low = Math.min(low, y);
    high = Math.max(high, y);
  }
  const first = Math.max(0, Math.ceil(low / grid.cellMm - 0.5));
  const last = Math.min(grid.rows - 1, Math.floor(high / grid.cellMm - 0.5));
  for (let row = first; row <= last; row++) {
    const y = (row + 0.5) * grid.cellMm;
    let left = Infinity;
    let right = -Infinity;
    for (let i = 0; i < outline.length; i++) {
      const a = outline[i] as PlanSpot;
      const b = outline[(i + 1) % outline.length] as PlanSpot;
      if (a[1] <= y === b[1] <= y) continue;
      const x = a[0] + ((y - a[1]) / (b[1] - a[1])) * (b[0] - a[0]);
      left = Math.min(left, x);
      right = Math.max(right, x);
    }
    const from = Math.max(0, Math.ceil(left / grid.cellMm - 0.5));
    const to = Math.min(grid.columns - 1, Math.floor(right / grid.cellMm - 0.5));
    for (let column = from; column <= to; column++) {
      const at = row * grid.columns + column;
      light[at] = (light[at] as number) * (1 - opacity);
    }
  }
}

/** Direct-sun hours of every cell over the samples of a day: full light less what each shadow takes. */
export function sunHours(
  grid: Grid,
  shaders: readonly Shader[],
  samples: readonly SunSample[],
  northDeg: number,
): Float32Array {
  const hours = new Float32Array(grid.columns * grid.rows);
  const light = new Float32Array(hours.length);
  const plot: Bounds = { least: [0, 0], most: [grid.columns * grid.cellMm, grid.rows * grid.cellMm] };
  for (const { sun, hours: share } of samples) {
    if (sun.altitudeRad < LEAST_ALTITUDE_RAD) continue;
    light.fill(1);
    const perHeight = shadowPerHeight(sun, northDeg);
    for (const one of shaders)
      if (couldFallOn(plot, one, perHeight, 0)) dim(light, grid, shadowOf(one, perHeight), one.opacity);
    for (let i = 0; i < hours.length; i++) hours[i] = (hours[i] as number) + share * (light[i] as number);
  }
  return hours;
}
