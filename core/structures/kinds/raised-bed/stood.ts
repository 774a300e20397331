import { shapeOf, type Part } from '../../../design/shapes/shapes';
import type { Pair } from '../../../geometry/polygon';
import type { Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { onRun, runsRound, type Run } from '../../assemblies/courses';

/** Where sides stand: their outline, from what height, and how high they are built. mm. */
export interface Stood {
  outline: readonly Pair[];
  baseMm: number;
  courses: number;
  courseMm: number;
  thickMm: number;
  /** With what stands against the inside of it: so far in begins what it is filled with. */
  wallMm: number;
  everyMm: number;
  /** On paving or a deck nothing of it goes into the ground. */
  onFloor: boolean;
}

/** How high its rim is. mm. */
export const rimOf = (s: Pick<Stood, 'baseMm' | 'courses' | 'courseMm'>): number => s.baseMm + s.courses * s.courseMm;

export const at = ([x, y]: Pair, z: number): Point => [x, y, z];
export const flat = ([x, y]: Pair): Point => [x, y, 0];

/** Middles of things along a run, one at each end of what is stated and none farther apart than the limit. mm. */
export function along(fromMm: number, toMm: number, everyMm: number): number[] {
  const bays = Math.max(1, Math.ceil((toMm - fromMm) / everyMm - 1e-6));
  return Array.from({ length: bays + 1 }, (_, i) => fromMm + ((toMm - fromMm) * i) / bays);
}

/** A last piece shorter than this is not left over: the break before it is a post earlier (from memory). mm. */
const STUB_MM = inches(24);

/**
 * A run in pieces no longer than is sold, broken over posts: from its start in even courses, from its end in odd ones.
 * The last goes over so many bays where the one before it can give one up. mm.
 */
export function broken(
  run: Run,
  postsAt: readonly number[],
  longestMm: number,
  course: number,
  lastBays = 1,
): [number, number][] {
  const sorted = postsAt.filter((mm) => mm > run.fromMm + 1 && mm < run.toMm - 1).toSorted((a, b) => a - b);
  const places = [run.fromMm, ...sorted, run.toMm];
  const order = course % 2 === 0 ? places : places.map((mm) => run.fromMm + run.toMm - mm).reverse();
  const at = (i: number): number => order[i] as number;
  const breaks = [0];
  while ((breaks.at(-1) as number) < order.length - 1) {
    const from = breaks.at(-1) as number;
    let to = from + 1;
    while (to + 1 < order.length && at(to + 1) - at(from) <= longestMm + 0.5) to++;
    breaks.push(to);
  }
  const [before, last] = [breaks.at(-3), breaks.at(-2)] as [number, number];
  const endMm = at(order.length - 1);
  const isStub = endMm - at(last) < STUB_MM || order.length - 1 - last < lastBays;
  if (breaks.length > 2 && isStub && last - before > 1 && endMm - at(last - 1) <= longestMm + 0.5)
    breaks[breaks.length - 2] = last - 1;
  const pieces = breaks.slice(1).map((to, i): [number, number] => [at(breaks[i] as number), at(to)]);
  return course % 2 === 0
    ? pieces
    : pieces.map(([a, b]): [number, number] => [run.fromMm + run.toMm - b, run.fromMm + run.toMm - a]).reverse();
}

/** Pins go so far into the ground, and end so far under the rim (from memory). mm. */
const PIN_IN_MM = inches(18);
export const PIN_UNDER_MM = inches(0.5);

/** How far its pins go into the ground. mm. */
export const pinsIn = ({ onFloor }: Stood): number => (onFloor ? 0 : PIN_IN_MM);

/** From so far between its corners a wall has a pin between them: each of its timbers reaches one corner only, and on one pin it swings (from memory). mm. */
const PIN_BETWEEN_MM = inches(12);

/** Where pins go: in every corner that two walls share in every course, and between, so that two hold each timber. */
export function pinPlaces(s: Stood): Pair[] {
  return runsRound(s.outline, s.thickMm, 0).flatMap((run) => {
    const half = s.thickMm / 2;
    const betweenMm = run.longMm - s.thickMm;
    const everyMm = betweenMm > PIN_BETWEEN_MM ? Math.min(s.everyMm, betweenMm / 2) : s.everyMm;
    return along(half, Math.max(half + 1, run.longMm - half), everyMm)
      .slice(0, -1)
      .map((mm) => onRun(run, mm, half));
  });
}

export const touchesAt = (spot: Pair, run: Run, thickMm: number): boolean => {
  const [dx, dy] = [spot[0] - run.from[0], spot[1] - run.from[1]];
  const mm = dx * run.way[0] + dy * run.way[1];
  const inMm = dx * run.inwards[0] + dy * run.inwards[1];
  return mm >= run.fromMm - 1 && mm <= run.toMm + 1 && inMm > 0 && inMm < thickMm;
};

/** What of the sides is nearest to a place. */
export const nearestSide = (sides: readonly Part[], spot: Point): Part =>
  sides
    .filter((part) => shapeOf(part).nature === 'member')
    .reduce((best, part) =>
      shapeOf(part).distanceTo(part, spot) < shapeOf(best).distanceTo(best, spot) ? part : best,
    );
