import { polygonHull } from 'd3-polygon';
import type { Pair } from './polygon';
import type { Point } from './space';

/**
 * Outline of a set of points in a plane: its convex hull, clockwise where y points up, without points that lie along
 * its sides. What encloses nothing (fewer than three points) is answered as it is.
 */
export const outlineOf = (points: readonly Pair[]): Pair[] =>
  (polygonHull(points as [number, number][]) as Pair[] | null) ?? [...points];

const SAME_PLANE_MM = 1e-3;

/**
 * The points of a body that its outline can depend on, from whichever side it is seen, and perhaps a few
 * more: of all that lie in one plane across an axis only the corners are kept, for what lies inside the
 * hull of others lies inside it from every side. Forty slats keep a dozen of their 320 corners.
 */
export function extremesOf(points: readonly Point[]): readonly Point[] {
  const planes = [
    [2, 0, 1],
    [1, 0, 2],
    [0, 1, 2],
  ] as const;
  return planes.reduce<readonly Point[]>((kept, [across, a, b]) => {
    const levels = new Map<number, Point[]>();
    for (const point of kept) {
      const level = Math.round(point[across] / SAME_PLANE_MM);
      const there = levels.get(level);
      if (there) there.push(point);
      else levels.set(level, [point]);
    }
    return [...levels.values()].flatMap((level) => {
      const of = new Map(level.map((point) => [[point[a], point[b]] as const, point]));
      return outlineOf([...of.keys()]).map((corner) => of.get(corner) as Point);
    });
  }, points);
}
