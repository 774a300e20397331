import { distanceToStretch, type Pair } from '../geometry/polygon';
import type { PlanSpot } from './plot';

/** A corner of a path on the plot, with how high the soil lies there over the first of its kind. mm. */
export interface PathSpot {
  xMm: number;
  yMm: number;
  groundMm: number;
}

export const SIDES = ['left', 'right'] as const;
export type Side = (typeof SIDES)[number];

/** A path of corners on the plot; the garden lies on one side of it, as one goes from its first corner. */
export interface Path {
  spots: readonly PathSpot[];
  closed: boolean;
  inside: Side;
}

type Corner = Pick<PathSpot, 'xMm' | 'yMm'>;

/** The corners of a path in the order in which the garden lies on the left of it. One that is closed keeps its first corner. */
export function gardenOnLeft<C extends Corner>(spots: readonly C[], closed: boolean, inside: Side): readonly C[] {
  if (inside === 'left') return spots;
  const back = spots.toReversed();
  return closed ? [...back.slice(-1), ...back.slice(0, -1)] : back;
}

/**
 * The side of a path on which the garden lies, guessed: inside one that is closed; else where more of the spots (the
 * middles of beds) lie; the left where nothing tells.
 */
export function guessInside(spots: readonly Corner[], closed: boolean, garden: readonly PlanSpot[]): Side {
  // Twice the area by the shoelace formula: positive where it goes round counter-clockwise, its inside on the left.
  if (closed)
    return spots.reduce((sum, { xMm, yMm }, i) => {
      const next = spots[(i + 1) % spots.length] as Corner;
      return sum + xMm * next.yMm - next.xMm * yMm;
    }, 0) < 0
      ? 'right'
      : 'left';
  const left = garden.reduce((sum, [x, y]) => {
    const near = stretchesOf(spots, false)
      .map(({ from, to }) => ({
        away: distanceToStretch([x, y], [from.xMm, from.yMm], [to.xMm, to.yMm]),
        side: Math.sign((to.xMm - from.xMm) * (y - from.yMm) - (to.yMm - from.yMm) * (x - from.xMm)),
      }))
      .toSorted((a, b) => a.away - b.away)[0];
    return sum + (near?.side ?? 0);
  }, 0);
  return left < 0 ? 'right' : 'left';
}

/** The straight stretches of a path, each with where it begins along it; a closed one comes back to its first corner. mm. */
export function stretchesOf(
  spots: readonly Corner[],
  closed: boolean,
): { from: Corner; to: Corner; atMm: number; longMm: number }[] {
  let atMm = 0;
  const [first] = spots;
  const round = closed && first ? [...spots, first] : spots;
  return round.slice(1).map((to, i) => {
    const from = round[i] ?? to;
    const longMm = Math.hypot(to.xMm - from.xMm, to.yMm - from.yMm);
    const stretch = { from, to, atMm, longMm };
    atMm += longMm;
    return stretch;
  });
}

/** How long a path is, on the level. mm. @example levelLength([{xMm:0,yMm:0},{xMm:30,yMm:40}], false) // 50 */
export const levelLength = (spots: readonly Corner[], closed: boolean): number =>
  stretchesOf(spots, closed).reduce((sum, { longMm }) => sum + longMm, 0);

/**
 * Where along a path there is most room for one more thing in its run: the middle of the longest straight
 * stretch between corners and what stands in it already. mm.
 * @example middleOfLongest([{xMm:0,yMm:0},{xMm:6000,yMm:0},{xMm:6000,yMm:2000}], false) // 3000
 */
export function middleOfLongest(spots: readonly Corner[], closed: boolean, takenMm: readonly number[] = []): number {
  let [best, middle] = [-1, 0];
  for (const { atMm, longMm } of stretchesOf(spots, closed)) {
    const end = atMm + longMm;
    const marks = [atMm, ...takenMm.filter((one) => one > atMm && one < end).toSorted((a, b) => a - b), end];
    marks.slice(1).forEach((mark, n) => {
      const before = marks[n] ?? mark;
      if (mark - before > best + 1e-6) [best, middle] = [mark - before, (before + mark) / 2];
    });
  }
  return middle;
}

/** The place on a path so far along it; its end where it is shorter. @example onPath([{xMm:0,yMm:0},{xMm:900,yMm:0}], false, 300) // [300, 0] */
export function onPath(spots: readonly Corner[], closed: boolean, alongMm: number): PlanSpot {
  const stretches = stretchesOf(spots, closed);
  const here = stretches.find(({ atMm, longMm }) => alongMm <= atMm + longMm) ?? stretches.at(-1);
  if (!here) return [spots[0]?.xMm ?? 0, spots[0]?.yMm ?? 0];
  const { from, to, atMm, longMm } = here;
  const share = longMm === 0 ? 0 : Math.min(1, (alongMm - atMm) / longMm);
  return [from.xMm + share * (to.xMm - from.xMm), from.yMm + share * (to.yMm - from.yMm)];
}

/** How far along a path the place on it lies that is nearest to a spot. mm. @example alongPath([{xMm:0,yMm:0},{xMm:900,yMm:0}], false, [300, 50]) // 300 */
export function alongPath(spots: readonly Corner[], closed: boolean, [x, y]: PlanSpot): number {
  let [best, along] = [Infinity, 0];
  for (const { from, to, atMm, longMm } of stretchesOf(spots, closed)) {
    const [ux, uy] = longMm === 0 ? [0, 0] : [(to.xMm - from.xMm) / longMm, (to.yMm - from.yMm) / longMm];
    const on = Math.max(0, Math.min(longMm, (x - from.xMm) * ux + (y - from.yMm) * uy));
    const away = Math.hypot(x - from.xMm - ux * on, y - from.yMm - uy * on);
    if (away < best) [best, along] = [away, atMm + on];
  }
  return along;
}

/** A corner farther out than so many times the distance is cut off there: of a sharp one it would lie nowhere (from memory). */
const MITRE = 3;

/** A path beside another, so far to the right of it as one goes; to the left where that is negative. Its corners are those of the other, each where the stretches beside it meet. mm. @example besidePath([{xMm:0,yMm:0,groundMm:0},{xMm:900,yMm:0,groundMm:0}], false, 100)[1] // { xMm: 900, yMm: -100, groundMm: 0 } */
export function besidePath(spots: readonly PathSpot[], closed: boolean, rightMm: number): PathSpot[] {
  const ways = stretchesOf(spots, closed).map(({ from, to, longMm }): Pair => [
    (to.xMm - from.xMm) / longMm,
    (to.yMm - from.yMm) / longMm,
  ]);
  return spots.map(({ xMm, yMm, groundMm }, i) => {
    const after = ways[i] ?? (ways.at(-1) as Pair);
    const before = ways[i - 1] ?? (closed ? (ways.at(-1) as Pair) : after);
    // Out of both stretches by the distance: along the middle of their two ways out.
    const [ox, oy] = [before[1] + after[1], -before[0] - after[0]];
    const square = ox * ox + oy * oy;
    const far = square < 1e-9 ? 0 : Math.min(2 / square, MITRE / Math.sqrt(square));
    return { xMm: xMm + ox * far * rightMm, yMm: yMm + oy * far * rightMm, groundMm };
  });
}

/** Corners of a path closer than this are one corner (from memory). mm. */
export const LEAST_LEG_MM = 100;

/** The first corner of a path that lies too near the next one, and how near. mm. */
export function shortLeg(
  spots: readonly Pick<PathSpot, 'xMm' | 'yMm'>[],
  closed: boolean,
): { corner: number; mm: number } | null {
  for (const [corner, spot] of spots.entries()) {
    const next = spots[corner + 1] ?? (closed ? spots[0] : undefined);
    const mm = next ? Math.hypot(next.xMm - spot.xMm, next.yMm - spot.yMm) : Infinity;
    if (mm < LEAST_LEG_MM) return { corner, mm };
  }
  return null;
}
