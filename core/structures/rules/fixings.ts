import { stockOf } from '../../catalogue/catalogue';
import type { Fixing } from '../../design/design';
import { add, minus, reach, scale, type Point } from '../../geometry/space';
import { inches } from '../../quantity/length';
import { isOffered, type Setting } from '../setting';

/** Wood screws of the catalogue, shortest first. */
const WOOD_SCREWS = [
  'screw-16',
  'screw-20',
  'screw-bracket',
  'screw-40',
  'screw-50',
  'screw-short',
  'screw-75',
  'screw-long',
];

/** Least that a screw bites into what holds it: 1″, so that 1½″ stock takes 2½″ screws (common practice, no source). mm. */
const BITE_MM = 25.4;
/** A point stays this far from coming out; where it would bite in less than half of what holds it, just under the face (from memory). mm. */
const COVER_MM = 2;
const LEAST_COVER_MM = 0.5;

/**
 * The screw for a joint: through one thickness and at least 1″, or two thirds of that thickness, into
 * the next, without coming out. Where nothing is right the longest that stays inside. Of those in the
 * price book where one will do. mm.
 */
export function screwThrough(setting: Setting, headMm: number, holdMm: number): string {
  const lengthOf = (id: string): number => stockOf(setting.catalogue, id, 'piece').lengthMm;
  const within = (coverMm: number): string[] => WOOD_SCREWS.filter((id) => lengthOf(id) <= headMm + holdMm - coverMm);
  const inside = within(COVER_MM);
  const fit = inside.filter((id) => lengthOf(id) >= headMm + Math.max(BITE_MM, (headMm * 2) / 3) - 0.5);
  const longest = inside.at(-1) ?? 'screw-16';
  const left = lengthOf(longest) - headMm < holdMm / 2 ? within(LEAST_COVER_MM) : inside;
  return (
    fit.find((id) => isOffered(setting, id)) ??
    fit[0] ??
    left.findLast((id) => isOffered(setting, id)) ??
    left.at(-1) ??
    'screw-16'
  );
}

/** An eye turned into a member at a place, by the way of its point. */
export const eyeIn = (into: string, way: Point, at: Point, stock = 'screw-eye'): Fixing => ({
  stock,
  count: 1,
  drive: { through: null, into, way, places: [at] },
});

/** How many it takes along a length: one at each end, none farther apart than `everyMm`. */
export const alongEvery = (lengthMm: number, everyMm: number): number =>
  Math.max(2, Math.ceil(lengthMm / everyMm - 1e-6) + 1);

/** Places from one point to another, one at each end, none farther apart than `everyMm`. */
export function evenly(from: Point, to: Point, everyMm: number): Point[] {
  const count = alongEvery(reach(from, to), everyMm);
  return Array.from({ length: count }, (_, i) => add(from, scale(minus(to, from), i / (count - 1))));
}

/** Holds mesh to a member that is so thick, a screw with its washer at every place: the shorter screw where the usual one would come out. mm. */
export function washered(
  mesh: string,
  on: { id: string; thickMm: number },
  way: Point,
  places: readonly Point[],
  setting: Setting,
): Fixing[] {
  const stays = (id: string): boolean => stockOf(setting.catalogue, id, 'piece').lengthMm <= on.thickMm + 0.5;
  return [
    {
      stock: ['screw-roofing', 'screw-20'].find(stays) ?? 'screw-16',
      count: places.length,
      drive: { through: mesh, into: on.id, way, places },
    },
    { stock: 'washer-fender', count: places.length },
  ];
}

/** Screws with washers round a frame, as far apart (common practice, no source). mm. */
const WASHER_EVERY_MM = inches(12);
/** They begin this many widths from a corner, clear of its own screws (from memory). */
const CLEAR_OF_CORNER = 1.3;

/** Where washers sit along one side of a halved frame, from corner to corner; `wideMm` is how wide its timber is. */
export function washersAlong(from: Point, to: Point, wideMm: number): Point[] {
  const clear = scale(minus(to, from), (CLEAR_OF_CORNER * wideMm) / reach(from, to));
  return evenly(add(from, clear), minus(to, clear), WASHER_EVERY_MM);
}
