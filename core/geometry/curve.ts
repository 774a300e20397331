import { add, cross, dot, minus, norm, reach, scale, unit, type Point } from './space';

/**
 * A line that a bar, a cord or the edge of a sheet follows: straight, straight from corner to corner, an arc, or a
 * curve known at points that lie evenly along it, with its direction at each. Lengths along a curve are mm from its start.
 */
export type Curve =
  | { curve: 'line'; from: Point; to: Point }
  | { curve: 'chain'; points: readonly Point[] }
  /** middle + radius × (cos t · a + sin t · b), from one angle to the other; a and b are unit and square to each other. */
  | { curve: 'arc'; middle: Point; a: Point; b: Point; radiusMm: number; fromRad: number; toRad: number }
  | { curve: 'sampled'; lengthMm: number; points: readonly Point[]; tangents: readonly Point[] };

export const line = (from: Point, to: Point): Curve => ({ curve: 'line', from, to });

/** Straight from corner to corner: what is turned round the edges of something. */
export const chainThrough = (points: readonly Point[]): Curve => ({ curve: 'chain', points });

/** The straight piece of a chain on which a length along it lies, and how far on it that is. mm. */
function pieceAt(points: readonly Point[], alongMm: number): { from: Point; to: Point; onMm: number } {
  let left = alongMm;
  for (let i = 1; ; i++) {
    const [from, to] = [points[i - 1] as Point, points[i] as Point];
    const long = reach(from, to);
    if (left <= long || i === points.length - 1) return { from, to, onMm: left };
    left -= long;
  }
}

export function lengthOf(curve: Curve): number {
  switch (curve.curve) {
    case 'line':
      return reach(curve.from, curve.to);
    case 'chain':
      return curve.points.slice(1).reduce((sum, to, i) => sum + reach(curve.points[i] as Point, to), 0);
    case 'arc':
      return curve.radiusMm * Math.abs(curve.toRad - curve.fromRad);
    case 'sampled':
      return curve.lengthMm;
  }
}

/** The point `alongMm` from the start; past an end a curve goes on straight. @example pointAt(line([0,0,0],[9,0,0]), 3) // [3,0,0] */
export function pointAt(curve: Curve, alongMm: number): Point {
  if (curve.curve === 'line') return add(curve.from, scale(tangentAt(curve, 0), alongMm));
  if (curve.curve === 'chain') {
    const { from, to, onMm } = pieceAt(curve.points, alongMm);
    return add(from, scale(unit(minus(to, from)), onMm));
  }
  const long = lengthOf(curve);
  if (alongMm < 0) return add(pointAt(curve, 0), scale(tangentAt(curve, 0), alongMm));
  if (alongMm > long) return add(pointAt(curve, long), scale(tangentAt(curve, long), alongMm - long));
  if (curve.curve === 'arc') {
    const at = arcAngle(curve, alongMm);
    return add(curve.middle, scale(add(scale(curve.a, Math.cos(at)), scale(curve.b, Math.sin(at))), curve.radiusMm));
  }
  const { i, share, step } = between(curve, alongMm);
  const [p, q] = [curve.points[i] as Point, curve.points[i + 1] as Point];
  const [u, v] = [curve.tangents[i] as Point, curve.tangents[i + 1] as Point];
  // Cubic Hermite between two points and their directions.
  const [s2, s3] = [share * share, share ** 3];
  return add(
    add(scale(p, 2 * s3 - 3 * s2 + 1), scale(q, 3 * s2 - 2 * s3)),
    add(scale(u, (s3 - 2 * s2 + share) * step), scale(v, (s3 - s2) * step)),
  );
}

/** The direction in which a curve goes at a place; unit. */
export function tangentAt(curve: Curve, alongMm: number): Point {
  if (curve.curve === 'line') {
    const way = minus(curve.to, curve.from);
    return norm(way) === 0 ? [1, 0, 0] : unit(way);
  }
  if (curve.curve === 'chain') {
    const { from, to } = pieceAt(curve.points, alongMm);
    return unit(minus(to, from));
  }
  const within = Math.max(0, Math.min(lengthOf(curve), alongMm));
  if (curve.curve === 'arc') {
    const at = arcAngle(curve, within);
    const way = add(scale(curve.a, -Math.sin(at)), scale(curve.b, Math.cos(at)));
    return scale(way, Math.sign(curve.toRad - curve.fromRad) || 1);
  }
  const { i, share } = between(curve, within);
  return unit(add(scale(curve.tangents[i] as Point, 1 - share), scale(curve.tangents[i + 1] as Point, share)));
}

const arcAngle = (arc: Extract<Curve, { curve: 'arc' }>, alongMm: number): number =>
  arc.fromRad + (Math.sign(arc.toRad - arc.fromRad) * alongMm) / arc.radiusMm;

function between(
  curve: Extract<Curve, { curve: 'sampled' }>,
  alongMm: number,
): { i: number; share: number; step: number } {
  const steps = curve.points.length - 1;
  const step = curve.lengthMm / steps;
  const i = Math.max(0, Math.min(steps - 1, Math.floor(alongMm / step)));
  return { i, share: alongMm / step - i, step };
}

/** A smooth curve through a chain of points, taken again at even steps along it. @example sampledThrough([[0,0,0],[0,0,9]], 3).lengthMm // 9 */
export function sampledThrough(chain: readonly Point[], steps = 48): Extract<Curve, { curve: 'sampled' }> {
  const [only] = chain;
  if (only && chain.length === 1) return sampledThrough([only, add(only, [0, 0, 1])], steps);
  const ends = chain.reduce<number[]>(
    (at, point, i) => [...at, i === 0 ? 0 : (at[i - 1] as number) + reach(point, chain[i - 1] as Point)],
    [],
  );
  const lengthMm = ends.at(-1) ?? 0;
  let n = 1;
  const points = Array.from({ length: steps + 1 }, (_, i): Point => {
    const along = (lengthMm * i) / steps;
    while (n < chain.length - 1 && (ends[n] as number) < along) n++;
    const [from, to] = [ends[n - 1] as number, ends[n] as number];
    const share = to > from ? (along - from) / (to - from) : 0;
    return add(scale(chain[n - 1] as Point, 1 - share), scale(chain[n] as Point, share));
  });
  const tangents = points.map((_, i): Point => {
    const way = minus(points[Math.min(steps, i + 1)] as Point, points[Math.max(0, i - 1)] as Point);
    return norm(way) === 0 ? [0, 0, 1] : unit(way);
  });
  return { curve: 'sampled', lengthMm, points, tangents };
}

/** Points along a curve for drawing, none farther apart than `stepMm`; the ends of a line are enough. */
export function flatten(curve: Curve, stepMm = 60): Point[] {
  if (curve.curve === 'line') return [curve.from, curve.to];
  if (curve.curve !== 'arc') return [...curve.points];
  const long = lengthOf(curve);
  const steps = Math.max(4, Math.ceil(long / Math.min(stepMm, curve.radiusMm / 3)));
  return Array.from({ length: steps + 1 }, (_, i) => pointAt(curve, (long * i) / steps));
}

/** Least distance of a point from a chain of points. mm. */
export function distanceToChain(point: Point, chain: readonly Point[]): number {
  let least = chain.length === 1 ? reach(point, chain[0] as Point) : Infinity;
  for (let i = 1; i < chain.length; i++)
    least = Math.min(least, reach(point, onStretch(point, chain[i - 1] as Point, chain[i] as Point)));
  return least;
}

/** How far along a chain of points the point of it lies that is nearest to another. mm. @example alongChain([3, 4, 0], [[0, 0, 0], [10, 0, 0]]) // 3 */
export function alongChain(point: Point, chain: readonly Point[]): number {
  let [best, gone, least] = [0, 0, Infinity];
  for (let i = 1; i < chain.length; i++) {
    const [from, to] = [chain[i - 1] as Point, chain[i] as Point];
    const near = onStretch(point, from, to);
    const away = reach(point, near);
    if (away < least - 1e-9) [least, best] = [away, gone + reach(from, near)];
    gone += reach(from, to);
  }
  return best;
}

/** The point of a straight stretch that is nearest to another point. */
export function onStretch(point: Point, from: Point, to: Point): Point {
  const way = minus(to, from);
  const long = dot(way, way);
  const share = long === 0 ? 0 : Math.max(0, Math.min(1, dot(minus(point, from), way) / long));
  return add(from, scale(way, share));
}

/**
 * Where a straight length has turned by every so much when it follows a curve in a plane: places along it,
 * and by how much. What it first gives way to the other side is taken off again. Radians.
 * @example bendMarks(halfCircle).map((mark) => mark.turnedRad) // π/12, π/6, … π
 */
export function bendMarks(curve: Curve, everyRad = Math.PI / 12): { atMm: number; turnedRad: number }[] {
  if (curve.curve === 'line') return [];
  const long = lengthOf(curve);
  const steps = 240;
  const ways = Array.from({ length: steps + 1 }, (_, i) => tangentAt(curve, (long * i) / steps));
  const turns = ways.slice(1).map((after, i) => cross(ways[i] as Point, after));
  // The side to which it turns on the whole.
  const axis = turns.reduce(add, [0, 0, 0]);
  const marks: { atMm: number; turnedRad: number }[] = [];
  let turned = 0;
  turns.forEach((turn, i) => {
    const by = Math.atan2(norm(turn), dot(ways[i] as Point, ways[i + 1] as Point)) * Math.sign(dot(turn, axis));
    for (let n = marks.length + 1; n * everyRad <= turned + by + 1e-9; n++)
      marks.push({
        atMm: (long * (i + (n * everyRad - turned) / Math.max(by, 1e-12))) / steps,
        turnedRad: n * everyRad,
      });
    turned += by;
  });
  return marks;
}

/** What of a curve lies between two lengths along it, of a chain with its corners; others taken again in so many steps. mm. */
export function stretchOf(curve: Curve, fromMm: number, toMm: number, steps: number): Curve {
  if (curve.curve === 'line') return line(pointAt(curve, fromMm), pointAt(curve, toMm));
  if (curve.curve !== 'chain') {
    const points = Array.from({ length: steps + 1 }, (_, n) => pointAt(curve, fromMm + ((toMm - fromMm) * n) / steps));
    return sampledThrough(points, steps);
  }
  let along = 0;
  const corners = curve.points.filter((point, i) => {
    along += i === 0 ? 0 : reach(curve.points[i - 1] as Point, point);
    return along > fromMm + 1e-6 && along < toMm - 1e-6;
  });
  return chainThrough([pointAt(curve, fromMm), ...corners, pointAt(curve, toMm)]);
}

/** A curve moved by as much in every point. */
export function shifted(curve: Curve, by: Point): Curve {
  if (curve.curve === 'line') return line(add(curve.from, by), add(curve.to, by));
  if (curve.curve === 'arc') return { ...curve, middle: add(curve.middle, by) };
  return { ...curve, points: curve.points.map((point) => add(point, by)) };
}
