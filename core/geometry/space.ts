/**
 * Where things stand. A structure has its own frame: x along the row on the level, y across it
 * (negative towards the gardener, the front), z up; z = 0 is the ground at the start of the row. mm.
 */
export type Point = readonly [x: number, y: number, z: number];

export const add = (a: Point, b: Point): Point => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const scale = (a: Point, k: number): Point => [a[0] * k, a[1] * k, a[2] * k];
export const minus = (a: Point, b: Point): Point => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const reach = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
export const cross = (a: Point, b: Point): Point => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const unit = (a: Point): Point => scale(a, 1 / Math.hypot(...a));

export const UP: Point = [0, 0, 1];
export const ALONG: Point = [1, 0, 0];

export function pathLength(path: readonly Point[]): number {
  let sum = 0;
  for (let i = 1; i < path.length; i++) sum += reach(path[i - 1] as Point, path[i] as Point);
  return sum;
}

/** A plain, even slope along the row: what two readings, at the start and at the end, can tell. */
export interface Ground {
  /** Length of the bed along the ground, and how much higher its end is than its start (may be negative). */
  lengthMm: number;
  riseMm: number;
}

export const slopeOf = (ground: Ground): number =>
  Math.asin(Math.max(-1, Math.min(1, ground.riseMm / ground.lengthMm)));

/** The point on the ground `alongMm` from the row's start by a tape laid on the soil. */
export function onGround(ground: Ground, alongMm: number, acrossMm = 0): Point {
  const slope = slopeOf(ground);
  return [alongMm * Math.cos(slope), acrossMm, alongMm * Math.sin(slope)];
}

/** Height of the ground under a level distance x. */
export const groundAt = (ground: Ground, xMm: number): number => xMm * Math.tan(slopeOf(ground));
