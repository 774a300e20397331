import { polygonArea, polygonContains } from 'd3-polygon';

/** A place in a plane: on the plot, or seen from above in a structure's own frame. mm. */
export type Pair = readonly [x: number, y: number];

const corner = (outline: readonly Pair[], i: number): Pair => outline[i % outline.length] as Pair;

/** Area inside an outline, whichever way round it goes. mm². */
export const areaOf = (outline: readonly Pair[]): number => Math.abs(polygonArea(outline as [number, number][]));

/** Whether a place lies inside an outline. */
export const inside = (place: Pair, outline: readonly Pair[]): boolean =>
  polygonContains(outline as [number, number][], place as [number, number]);

/** Distance of a place from a stretch of line. mm. */
export function distanceToStretch([x, y]: Pair, [ax, ay]: Pair, [bx, by]: Pair): number {
  const [dx, dy] = [bx - ax, by - ay];
  const long = dx * dx + dy * dy;
  const share = long === 0 ? 0 : Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / long));
  return Math.hypot(x - ax - share * dx, y - ay - share * dy);
}

/** Distance of a place from the nearest edge of an outline, inside it or out. mm. */
export const distanceToEdge = (place: Pair, outline: readonly Pair[]): number =>
  Math.min(...outline.map((from, i) => distanceToStretch(place, from, corner(outline, i + 1))));

/** Distance of a place from an outline; 0 inside it. mm. */
export const distanceToOutline = (place: Pair, outline: readonly Pair[]): number =>
  inside(place, outline) ? 0 : distanceToEdge(place, outline);

/**
 * Whether two convex outlines overlap by more than `byMm`: no edge of either separates them. In plain loops, as a search
 * for free ground asks it a hundred thousand times.
 */
export const overlap = (a: readonly Pair[], b: readonly Pair[], byMm = 1e-6): boolean =>
  !separates(a, a, b, byMm) && !separates(b, a, b, byMm);

/** Whether two outlines lie on two sides of a line along an edge of one of them, or overlap past it by `byMm` at most. */
function separates(edges: readonly Pair[], a: readonly Pair[], b: readonly Pair[], byMm: number): boolean {
  for (let i = 0; i < edges.length; i++) {
    const [from, to] = [corner(edges, i), corner(edges, i + 1)];
    const [nx, ny] = [to[1] - from[1], from[0] - to[0]];
    const slack = byMm * Math.sqrt(nx * nx + ny * ny);
    let [leastA, mostA, leastB, mostB] = [Infinity, -Infinity, Infinity, -Infinity];
    for (const [x, y] of a) {
      const far = x * nx + y * ny;
      leastA = Math.min(leastA, far);
      mostA = Math.max(mostA, far);
    }
    for (const [x, y] of b) {
      const far = x * nx + y * ny;
      leastB = Math.min(leastB, far);
      mostB = Math.max(mostB, far);
    }
    if (mostA <= leastB + slack || mostB <= leastA + slack) return true;
  }
  return false;
}

/** Whether two stretches cross in a point inside both. */
export function cross2(a: Pair, b: Pair, c: Pair, d: Pair): boolean {
  const side = (p: Pair, q: Pair, r: Pair): number =>
    Math.sign((q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]));
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
}

/** A shorter way is none: what rounding leaves of corners that lie on one place. mm. */
const NO_LENGTH_MM = 1e-6;

/**
 * What of an outline lies on the left of a line, or `byMm` and more inside it: one step of Sutherland and
 * Hodgman, "Reentrant polygon clipping" (Communications of the ACM 17, 1974).
 */
export function clipped(outline: readonly Pair[], from: Pair, to: Pair, byMm = 0): Pair[] {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const long = Math.hypot(dx, dy);
  // Corners of a box seen along its edge lie on one place but for rounding: the way between them is none.
  if (long < NO_LENGTH_MM) return [...outline];
  const inBy = ([x, y]: Pair): number => (dx * (y - from[1]) - dy * (x - from[0])) / long - byMm;
  // In a plain loop: shadows and screws ask for this hundreds of thousands of times.
  const left: Pair[] = [];
  let a = outline.length === 0 ? 0 : inBy(corner(outline, 0));
  for (let i = 0; i < outline.length; i++) {
    const [spot, next] = [corner(outline, i), corner(outline, i + 1)];
    const b = inBy(next);
    if (a >= 0) left.push(spot);
    if (a >= 0 !== b >= 0) {
      const share = a / (a - b);
      left.push([spot[0] + share * (next[0] - spot[0]), spot[1] + share * (next[1] - spot[1])]);
    }
    a = b;
  }
  return left;
}

/** The middle of the upright rectangle that some places lie in. @example middleOfBounds([[0, 0], [4, 0], [4, 2]]) // [2, 1] */
export function middleOfBounds(places: readonly Pair[]): Pair {
  const [xs, ys] = [places.map(([x]) => x), places.map(([, y]) => y)];
  return [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
}
