import { axisOf } from '../design/shapes/bar';
import { BOX_FACES, boxesOf } from '../design/shapes/shape';
import { asShape, shapeOf, type Part } from '../design/shapes/shapes';
import { tangentAt } from '../geometry/curve';
import { outlineOf } from '../geometry/outline';
import type { Pair } from '../geometry/polygon';
import { add, cross, dot, minus, norm, scale, unit, type Point } from '../geometry/space';

/** A plane across the way of a fixing. */
export interface Across {
  way: Point;
  u: Point;
  v: Point;
}

export const acrossOf = (way: Point, into: Part): Across => {
  const bar = asShape(into, 'bar');
  const axis = bar ? tangentAt(axisOf(bar), 0) : ([0, 0, 1] as const);
  const level = minus(axis, scale(way, dot(axis, way)));
  const u = norm(level) > 0.05 ? unit(level) : unit(cross(way, Math.abs(way[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0]));
  return { way, u, v: cross(way, u) };
};
const onto = ({ u, v }: Across, at: Point): Pair => [dot(at, u), dot(at, v)];

/** A straight piece of a member: its outline across the way, its axis there, and where a line along the way is inside it. */
export interface Straight {
  outline: Pair[];
  axis: Pair;
  crossing(at: Point): readonly [from: number, to: number] | null;
}

export function piecesOf(part: Part, across: Across): Straight[] {
  const bar = asShape(part, 'bar');
  if (!bar) return [];
  const axis = tangentAt(axisOf(bar), 0);
  const normals = [axis, bar.wide, unit(cross(axis, bar.wide))];
  return shapeOf(bar)
    .solids(bar)
    .flatMap((solid) =>
      boxesOf(solid).map((corners) => {
        // Sawn aslant a slice has no two edges along the board: the planes of its own faces.
        const slabs =
          solid.solid === 'plate'
            ? facesOf(corners)
            : normals.map((normal) => {
                const reach = corners.map((at) => dot(at, normal));
                return { normal, low: Math.min(...reach), high: Math.max(...reach) };
              });
        return {
          outline: outlineOf(corners.map((at) => onto(across, at))).reverse(),
          axis: onto(across, axis),
          crossing: (at: Point) => crossingOf(slabs, at, across.way),
        };
      }),
    );
}

/** The planes of a slice, looking out of it. */
function facesOf(corners: readonly Point[]): { normal: Point; low: number; high: number }[] {
  const middle = scale(corners.reduce(add, [0, 0, 0]), 1 / corners.length);
  return BOX_FACES.flatMap(([a, b, c]) => {
    const [at, u, v] = [
      corners[a],
      minus(corners[b] as Point, corners[a] as Point),
      minus(corners[c] as Point, corners[a] as Point),
    ];
    const square = cross(u, v);
    // What is sawn to a point has no face there.
    if (norm(square) < 1e-6) return [];
    const out = unit(square);
    const normal = dot(minus(at as Point, middle), out) < 0 ? scale(out, -1) : out;
    return [{ normal, low: -Infinity, high: dot(at as Point, normal) }];
  });
}

/** Where a line from a point is between three pairs of planes, measured from the point. */
function crossingOf(
  slabs: readonly { normal: Point; low: number; high: number }[],
  at: Point,
  way: Point,
): readonly [number, number] | null {
  let [from, to] = [-Infinity, Infinity];
  for (const { normal, low, high } of slabs) {
    const [here, speed] = [dot(at, normal), dot(way, normal)];
    if (Math.abs(speed) < 1e-9) {
      if (here < low - 0.01 || here > high + 0.01) return null;
      continue;
    }
    const [a, b] = [(low - here) / speed, (high - here) / speed];
    from = Math.max(from, Math.min(a, b));
    to = Math.min(to, Math.max(a, b));
  }
  return from < to ? [from, to] : null;
}
