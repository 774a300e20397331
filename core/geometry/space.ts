/**
 * Where things stand. A structure has its own frame: x along the row on the level, y across it
 * (negative towards the gardener, the front), z up; z = 0 is the ground at the start of the row. mm.
 */
export type Point = readonly [x: number, y: number, z: number];

export const add = (a: Point, b: Point): Point => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const scale = (a: Point, k: number): Point => [a[0] * k, a[1] * k, a[2] * k];
export const minus = (a: Point, b: Point): Point => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
/** Length of a vector. (`Math.hypot` guards against numbers no garden has, at ten times the time.) */
export const norm = (a: Point): number => Math.sqrt(a[0] * a[0] + a[1] * a[1] + a[2] * a[2]);
export const reach = (a: Point, b: Point): number => norm(minus(a, b));
export const cross = (a: Point, b: Point): Point => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const unit = (a: Point): Point => scale(a, 1 / norm(a));

export const UP: Point = [0, 0, 1];
export const ALONG: Point = [1, 0, 0];

export function pathLength(path: readonly Point[]): number {
  let sum = 0;
  for (let i = 1; i < path.length; i++) sum += reach(path[i - 1] as Point, path[i] as Point);
  return sum;
}

export const dot = (a: Point, b: Point): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
