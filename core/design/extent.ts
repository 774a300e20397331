import type { Point } from '../geometry/space';
import { shapeOf, type Part } from './shapes/shapes';

const extents = new WeakMap<Part, readonly Point[]>();

/**
 * Points that hold all of a part between them, worked out once: parts never change in place. mm.
 * @example extentOf(post).reduce((top, [, , z]) => Math.max(top, z), 0)
 */
export function extentOf(part: Part): readonly Point[] {
  const before = extents.get(part);
  if (before) return before;
  const extent = shapeOf(part).extent(part);
  extents.set(part, extent);
  return extent;
}

/** The upright box about a part. mm. @example { low: [0, -19, -610], high: [38, 19, 1829] } */
export interface Box {
  low: Point;
  high: Point;
}
const boxes = new WeakMap<Part, Box>();

/** The box about a part, worked out once. @example boxOf(post).high[2] // its top */
export function boxOf(part: Part): Box {
  const before = boxes.get(part);
  if (before) return before;
  const low: [number, number, number] = [Infinity, Infinity, Infinity];
  const high: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  for (const spot of extentOf(part))
    for (const axis of [0, 1, 2] as const) {
      low[axis] = Math.min(low[axis], spot[axis]);
      high[axis] = Math.max(high[axis], spot[axis]);
    }
  const box = { low, high };
  boxes.set(part, box);
  return box;
}
