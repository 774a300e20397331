import type { Part } from './design';
import { add, cross, minus, reach, scale, unit, type Point } from '../geometry/space';

const dot = (a: Point, b: Point): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

/** The point of a stretch that is nearest to another point. */
function onStretch(point: Point, from: Point, to: Point): Point {
  const way = minus(to, from);
  const long = dot(way, way);
  const share = long === 0 ? 0 : Math.max(0, Math.min(1, dot(minus(point, from), way) / long));
  return add(from, scale(way, share));
}

/** A part of a joint passes at least this close to one of its places. mm. */
const TOUCHES_MM = 40;

/** Whether a part passes through a place, as nearly as fixings are placed. */
export const touches = (part: Part, place: Point): boolean => distanceTo(part, place) <= TOUCHES_MM;

/** How far a point lies outside a part: nought inside its section, on its wires' plane or on its line. mm. */
export function distanceTo(part: Part, point: Point): number {
  switch (part.shape) {
    case 'bar':
      return Math.max(
        0,
        reach(point, onStretch(point, part.from, part.to)) - Math.hypot(part.wideMm, part.thickMm) / 2,
      );
    case 'line':
      return (
        Math.min(
          ...part.path.map((to, i) => reach(point, onStretch(point, part.path[Math.max(0, i - 1)] as Point, to))),
        ) -
        part.diameterMm / 2
      );
    case 'fill': {
      const inside = onStretch(point, part.bottom, add(part.bottom, [0, 0, part.cutMm + part.crownMm]));
      return Math.max(0, reach(point, inside) - part.diameterMm / 2);
    }
    case 'sheet': {
      // Cloth and nets on a slope hang plumb: their two directions need not be square to each other.
      const from = minus(point, part.corner);
      const skew = dot(part.along, part.up);
      const [a, u] = [dot(from, part.along), dot(from, part.up)];
      const along = (a - skew * u) / (1 - skew ** 2);
      const up = (u - skew * a) / (1 - skew ** 2);
      return Math.hypot(
        Math.max(0, -along, along - part.cutMm),
        Math.max(0, -up, up - part.heightMm),
        dot(from, unit(cross(part.along, part.up))),
      );
    }
  }
}
