import { MM_PER_INCH } from '../quantity/length';
import { NEWTON_PER_POUND } from './pounds';

/** A screw, nail or bolt through one piece into another. mm; `g` is the specific gravity of the wood. */
export interface Dowel {
  /** Of a screw, at the root of its thread where that lies in the joint. */
  thickMm: number;
  /** How far it goes through what it holds, and into what holds it. */
  sideMm: number;
  mainMm: number;
  g: number;
  /** Of a side that is steel plate: a hinge, a strap. */
  steelSide?: boolean;
}

/** Bending yield of the wire of screws and nails by its thickness (NDS 2018, table I1). psi. */
const bendsAt = (inch: number): number =>
  inch <= 0.142 ? 100_000 : inch <= 0.177 ? 90_000 : inch <= 0.236 ? 80_000 : inch <= 0.273 ? 70_000 : 60_000;

/** Wood pressed by a dowel of under a quarter of an inch: 16 600 G^1.84 (NDS 2018, 12.3.3, table 12.3.3 footnote 2); thicker along the grain 11 200 G. psi. */
const dowelBearing = (inch: number, g: number): number => (inch < 0.25 ? 16_600 * g ** 1.84 : 11_200 * g);

/**
 * What one dowel in single shear carries: the least of six ways to yield (NDS 2018, table 12.3.1A), each over its
 * reduction (12.3.1B: K_D of 2.2 up to 0.17″, 10 D + 0.5 up to a quarter, then for bolts along the grain 4, 3.6, 3.2).
 * Reference value, for ten years, dry. N.
 * @example dowelShear({ thickMm: 4.11, sideMm: 38.1, mainMm: 50.8, g: 0.42 }) / 4.448 // 120 lb, as table 12N has it
 */
export function dowelShear(of: Dowel): number {
  const [d, ls, lm] = [of.thickMm / MM_PER_INCH, of.sideMm / MM_PER_INCH, of.mainMm / MM_PER_INCH];
  if (ls <= 0 || lm <= 0) return 0;
  const fem = dowelBearing(d, of.g);
  const fes = of.steelSide ? 61_850 : fem;
  const fyb = bendsAt(d);
  const [re, rt] = [fem / fes, lm / ls];
  const k1 = (Math.sqrt(re + 2 * re ** 2 * (1 + rt + rt ** 2) + rt ** 2 * re ** 3) - re * (1 + rt)) / (1 + re);
  const k2 = -1 + Math.sqrt(2 * (1 + re) + (2 * fyb * (1 + 2 * re) * d ** 2) / (3 * fem * lm ** 2));
  const k3 = -1 + Math.sqrt((2 * (1 + re)) / re + (2 * fyb * (2 + re) * d ** 2) / (3 * fem * ls ** 2));
  const kd = d <= 0.17 ? 2.2 : d < 0.25 ? 10 * d + 0.5 : 0;
  const [r1, r2, r3] = kd > 0 ? [kd, kd, kd] : [4, 3.6, 3.2];
  const ways = [
    (d * lm * fem) / r1,
    (d * ls * fes) / r1,
    (k1 * d * ls * fes) / r2,
    (k2 * d * lm * fem) / ((1 + 2 * re) * r3),
    (k3 * d * ls * fem) / ((2 + re) * r3),
    (d ** 2 / r3) * Math.sqrt((2 * fem * fyb) / (3 * (1 + re))),
  ];
  return Math.min(...ways) * NEWTON_PER_POUND;
}

/**
 * What a wood screw carries against being drawn out across the grain: 2850 G² D for each inch of thread (NDS 2018,
 * 12.2.2, equation 12.2-2). Reference value. N.
 * @example screwDraw({ thickMm: 4.83, threadMm: 25.4, g: 0.42 }) // 96 lb an inch, of table 12.2B
 */
export const screwDraw = (of: { thickMm: number; threadMm: number; g: number }): number =>
  2850 * of.g ** 2 * (of.thickMm / MM_PER_INCH) * (of.threadMm / MM_PER_INCH) * NEWTON_PER_POUND;

/** The same of a smooth nail or the leg of a staple: 1380 G^2.5 D for each inch (NDS 2018, 12.2.3, equation 12.2-3). N. */
export const nailDraw = (of: { thickMm: number; inMm: number; g: number }): number =>
  1380 * of.g ** 2.5 * (of.thickMm / MM_PER_INCH) * (of.inMm / MM_PER_INCH) * NEWTON_PER_POUND;

/** Wet in service, of a joint (NDS 2018, table 11.3.3): sideways 0.7; drawn out a screw 0.7, a nail 0.25. */
export const WET_JOINT = { sideways: 0.7, screw: 0.7, nail: 0.25 } as const;

/**
 * How far a screw or nail gives sideways under each newton: K_ser = ρ_m^1.5 d / 23, of what is pre-drilled (EN
 * 1995-1-1:2004, table 7.1). kg/m³, mm; N/mm.
 * @example slipStiffness(4.5, 370) // 1390
 */
export const slipStiffness = (thickMm: number, densityKgM3: number): number => (densityKgM3 ** 1.5 * thickMm) / 23;
