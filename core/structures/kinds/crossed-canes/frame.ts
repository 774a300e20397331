import { AS_BOUGHT } from '../../../design/end-cut';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { add, cross, minus, norm, reach, scale, unit, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { groundAt, onGround, wayAlong, type Ground } from '../../../site/ground';

/** What all of its canes have in common. mm. */
export interface Stance {
  ground: Ground;
  /** Where its ridge lies across the bed, from its middle. */
  yMm: number;
  apartMm: number;
  heightMm: number;
  diameterMm: number;
}

export const ROWS = [
  { id: 'front', side: -1 },
  { id: 'back', side: 1 },
] as const;
export type Row = (typeof ROWS)[number];

/** The way up a cane of a row, towards the other; those of a pair pass each other side by side. */
export const wayUp = ({ apartMm, heightMm, diameterMm }: Stance, { side }: Row): Point =>
  unit([(side * diameterMm) / 2, (-side * apartMm) / 2, heightMm]);

/** From the foot of a cane to the crossing, along it: Pythagoras. mm. */
export const slantOf = ({ apartMm, heightMm }: Pick<Stance, 'apartMm' | 'heightMm'>): number =>
  Math.hypot(apartMm / 2, heightMm);

/**
 * How far over the crossing the ridge lies in the fork: where its middle line is a diameter from those of both canes
 * (distance of two lines that do not meet); along a slope it is lower over one of the two. mm.
 */
export function ridgeOver(s: Stance): number {
  const overEach = ROWS.map((row) => {
    const square = cross(wayAlong(s.ground), wayUp(s, row));
    return (s.diameterMm * norm(square)) / Math.abs(square[2]);
  });
  return Math.max(...overEach) + Math.abs(groundAt(s.ground, s.diameterMm / 2));
}

/** Where a cane meets the soil. mm. */
export const footOf = (s: Stance, row: Row, alongMm: number): Point =>
  onGround(s.ground, alongMm, s.yMm + (row.side * s.apartMm) / 2);

/** A place of the ridge over a distance along the row. mm. */
export const onRidge = (s: Stance, alongMm: number, upMm = 0): Point =>
  add(onGround(s.ground, alongMm, s.yMm), [0, 0, s.heightMm + ridgeOver(s) + upMm]);

/** The lowest level string, so far up the canes (from memory). mm. */
export const FIRST_STRING_MM = inches(6);

/** How far so many level strings are from each other and from the crossing, up the canes. mm. */
export const stringStep = (s: Pick<Stance, 'apartMm' | 'heightMm'>, strings: number): number =>
  (slantOf(s) - FIRST_STRING_MM) / strings;

/** The ridge goes past the outer pairs by so much at the least; two of its canes lie over each other for so long (from memory). mm. */
const PAST_MM = inches(4);
const LAP_MM = inches(12);

/** A cane of the ridge: from where to where along the row, and how far over the fork. mm. */
export interface RidgePiece {
  bar: Bar;
  fromMm: number;
  toMm: number;
  liftMm: number;
}

/** The ridge of whole canes, as few as it takes and then as short; what they are too long for is in their laps, or past the ends. Every second one lies over its neighbours. */
export function ridgePieces(
  s: Stance,
  o: { fromMm: number; toMm: number; sizesMm: readonly number[]; of: { id: string; diameterMm: number } },
): RidgePiece[] {
  const reachMm = o.toMm - o.fromMm + 2 * PAST_MM;
  const longest = o.sizesMm.at(-1) ?? reachMm;
  const count = Math.max(1, Math.ceil((reachMm - LAP_MM) / (longest - LAP_MM) - 1e-6));
  const long = o.sizesMm.find((size) => size * count - (count - 1) * LAP_MM >= reachMm - 1e-6) ?? longest;
  const step = count > 1 ? (reachMm - long) / (count - 1) : 0;
  const start = count > 1 ? o.fromMm - PAST_MM : (o.fromMm + o.toMm - long) / 2;
  return Array.from({ length: count }, (_, i) => {
    const [fromMm, liftMm] = [start + i * step, i % 2 === 0 ? 0 : s.diameterMm];
    const bar = barOf({
      id: `ridge-${i + 1}`,
      role: 'ridge',
      of: o.of,
      from: onRidge(s, fromMm, liftMm),
      to: onRidge(s, fromMm + long, liftMm),
      wide: [0, 1, 0],
      ends: AS_BOUGHT,
      cutMm: long,
    });
    return { bar, fromMm, toMm: fromMm + long, liftMm };
  });
}

/** A stay begins so far up its row and ends so far below the crossing, at the least (from memory). mm. */
const STAY_FROM_MM = inches(8);
const STAY_BELOW_MM = inches(10);
/** It goes past the canes it is tied to by so much (from memory). mm. */
const STAY_PAST_MM = inches(3);
/** It rises by so much of what there is at the least: flatter it holds less (from memory). */
const LEAST_RISE = 0.5;
/** It runs along by so much of its rise at the least: steeper it holds less (from memory). */
const LEAST_RUN = 0.5;

/** A cane aslant inside a row, tied to each cane it passes. mm. */
export interface Stay {
  bar: Bar;
  /** Along the row and up its canes, where it passes each of them. */
  passes: readonly { alongMm: number; upMm: number }[];
}

/**
 * A stay on the inside of a row: a whole cane, the longest that rises well from the first pair to another, that of the
 * back the other way; null where the row is too low or too short for one. `pairs` are those of the row from its near end.
 */
export function stayOf(
  s: Stance,
  row: Row,
  o: { pairs: readonly number[]; sizesMm: readonly number[]; of: { id: string; diameterMm: number } },
): Stay | null {
  const slant = slantOf(s);
  // Where the rows come so close that both stays would touch, they end.
  const below = Math.max(STAY_BELOW_MM, (2.5 * s.diameterMm * slant) / (s.apartMm / 2));
  const most = slant - STAY_FROM_MM - below;
  const pairs = row.side < 0 ? o.pairs : [...o.pairs].reverse();
  const [first = 0] = pairs;
  const fits = o.sizesMm.toReversed().flatMap((long) => {
    const tied = long - 2 * STAY_PAST_MM;
    const last = pairs.find((at) => {
      const rise = Math.sqrt(Math.max(0, tied ** 2 - (at - first) ** 2));
      return rise <= most && rise >= LEAST_RISE * most && Math.abs(at - first) >= LEAST_RUN * rise;
    });
    return last === undefined ? [] : [{ long, last, rise: Math.sqrt(tied ** 2 - (last - first) ** 2) }];
  });
  const [fit] = fits;
  if (!fit || most < STAY_FROM_MM) return null;
  const { long, last, rise } = fit;
  const inside = scale(unit(cross(wayUp(s, row), wayAlong(s.ground))), -row.side * s.diameterMm);
  const upAt = (at: number): number => STAY_FROM_MM + (rise * Math.abs(at - first)) / Math.abs(last - first);
  const place = (at: number): Point => add(add(footOf(s, row, at), scale(wayUp(s, row), upAt(at))), inside);
  const [low, high] = [place(first), place(last)];
  const past = scale(unit(minus(high, low)), (long - reach(low, high)) / 2);
  return {
    bar: barOf({
      id: `stay-${row.id}`,
      role: 'stay',
      of: o.of,
      from: minus(low, past),
      to: add(high, past),
      wide: unit(inside),
      ends: AS_BOUGHT,
      cutMm: long,
    }),
    passes: pairs
      .filter((at) => Math.abs(at - first) <= Math.abs(last - first))
      .map((alongMm) => ({ alongMm, upMm: upAt(alongMm) })),
  };
}
