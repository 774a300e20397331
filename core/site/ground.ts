import type { Point } from '../geometry/space';

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

/** The way along the soil of a row. */
export function wayAlong(ground: Ground): Point {
  const slope = slopeOf(ground);
  return [Math.cos(slope), 0, Math.sin(slope)];
}

/** Height of the ground under a level distance x. */
export const groundAt = (ground: Ground, xMm: number): number => xMm * Math.tan(slopeOf(ground));

/**
 * The soil under any structure, in its own frame: an even slope along a row, or the readings along a
 * path, straight between them and level beyond its ends.
 */
export type Terrain = Ground | { path: readonly Point[] };

/** Height of the soil at a place of the structure's own frame. mm. */
export function heightAt(terrain: Terrain, xMm: number, yMm: number): number {
  if (!('path' in terrain)) return groundAt(terrain, xMm);
  let nearest = { away: Infinity, z: terrain.path[0]?.[2] ?? 0 };
  for (let i = 1; i < terrain.path.length; i++) {
    const [from, to] = [terrain.path[i - 1] as Point, terrain.path[i] as Point];
    const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
    const long = dx * dx + dy * dy;
    const share = long === 0 ? 0 : Math.max(0, Math.min(1, ((xMm - from[0]) * dx + (yMm - from[1]) * dy) / long));
    const away = Math.hypot(xMm - from[0] - share * dx, yMm - from[1] - share * dy);
    if (away < nearest.away - 1e-9) nearest = { away, z: from[2] + share * (to[2] - from[2]) };
  }
  return nearest.z;
}
