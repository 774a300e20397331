import { inches } from '../quantity/length';
import { overlap } from '../geometry/polygon';
import type { Bed } from './bed';
import { toFrame } from './frame';
import { cornersOf, onPlan, type Placed } from './plot';

/** The way between two beds: its middle line, how wide it is, and how much of it both beds lie beside. mm. */
export interface Way {
  /** The middle of the way, turned along it. */
  at: Placed;
  wideMm: number;
  lengthMm: number;
  /** How far the two beds are from lying side by side. Degrees. */
  skewDeg: number;
}

/**
 * The way between two beds: along the first, from where both begin to lie beside each other to where the
 * first of them ends. Beds that overlap leave none of its width, beds that miss each other none of its length.
 */
export function wayBetween(a: Bed, b: Bed): Way {
  const { x: bx, y: by, wide } = besides(a, b);
  const [from, to] = [Math.max(-a.lengthMm / 2, bx - b.lengthMm / 2), Math.min(a.lengthMm / 2, bx + b.lengthMm / 2)];
  const side = by < 0 ? -1 : 1;
  const wideMm = Math.max(0, wide);
  const [xMm, yMm] = onPlan(a, (from + to) / 2, (side * (a.widthMm + wideMm)) / 2);
  const skew = (((b.turnDeg - a.turnDeg + 90) % 180) + 180) % 180;
  return {
    at: { xMm, yMm, turnDeg: a.turnDeg },
    wideMm,
    lengthMm: Math.max(0, to - from),
    skewDeg: Math.abs(skew - 90),
  };
}

/** Who gets along a way between beds: one walks in 24″, a barrow wants 36″, a wheelchair turns in 60″ (common practice, no source). mm. */
const WIDE_FOR = { walker: inches(24), barrow: inches(36), wheelchair: inches(60) } as const;
export type GoesAlong = 'nobody' | keyof typeof WIDE_FOR;

/** The widest of those that get along a way so wide; a tape’s mark is forgiven. @example goesAlong(914.4) // 'barrow' */
export const goesAlong = (wideMm: number): GoesAlong =>
  (['wheelchair', 'barrow', 'walker'] as const).find((who) => wideMm >= WIDE_FOR[who] - 1) ?? 'nobody';

/**
 * Where a bed comes to lie so that the way between it and another is so wide: moved straight away from that, or nearer.
 * mm. @example wayBetween({ ...bed, ...setApart(bed, other, 1200) }, other).wideMm // 1200
 */
export function setApart(bed: Bed, other: Bed, wideMm: number): Pick<Placed, 'xMm' | 'yMm'> {
  const { y, wide } = besides(other, bed);
  const [xMm, yMm] = onPlan(
    { xMm: bed.xMm, yMm: bed.yMm, turnDeg: other.turnDeg },
    0,
    Math.sign(y || 1) * (wideMm - wide),
  );
  return { xMm, yMm };
}

/** Where a bed's middle lies along and across another, and how far apart their sides are: below nought where they overlap. mm. */
function besides(other: Bed, bed: Bed): { x: number; y: number; wide: number } {
  const [x, y] = toFrame({ ...other, baseMm: 0 }, [bed.xMm, bed.yMm]);
  return { x, y, wide: Math.abs(y) - (bed.widthMm + other.widthMm) / 2 };
}

/** A way narrower than this is no way, one wider is open ground (from memory). mm. */
const WAY_MM = { least: 300, most: 4000, leastLong: 600 };
/** Beds turned from each other by more than this do not lie side by side. Degrees. */
const SIDE_BY_SIDE_DEG = 10;

/** A way two can pass each other on: the likeliest to be walked (from memory). mm. */
const USUAL_WAY_MM = 1200;

/** Pairs of beds with a way between them to walk in and no other bed in it, the likeliest to be walked first. */
export function waysAmong(beds: readonly Bed[]): { beds: readonly [Bed, Bed]; way: Way }[] {
  const unlike = (way: Way) => Math.abs(way.wideMm - USUAL_WAY_MM);
  return beds
    .flatMap((a, i) => beds.slice(i + 1).map((b) => ({ beds: [a, b] as const, way: wayBetween(a, b) })))
    .filter(
      ({ way, beds: [a, b] }) =>
        way.wideMm >= WAY_MM.least &&
        way.wideMm <= WAY_MM.most &&
        way.lengthMm >= WAY_MM.leastLong &&
        way.skewDeg <= SIDE_BY_SIDE_DEG &&
        beds.every(
          (other) =>
            other === a ||
            other === b ||
            !overlap(
              cornersOf(other, other.lengthMm, other.widthMm),
              cornersOf(way.at, way.lengthMm, way.wideMm - 2 * FORGIVEN_MM),
            ),
        ),
    )
    .sort((a, b) => unlike(a.way) - unlike(b.way));
}
/** What beds are put out of true by (from memory). mm. */
const FORGIVEN_MM = 20;
