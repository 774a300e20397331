import { aboutThree } from '../../rules/lashing';

/** A tail as long as outstretched arms: 6′ (common practice, no source). mm. */
export const TAIL_MM = 1828.8;
/** Tight wraps about the three first poles, and turns of the same cord about the whole bundle (three: common practice, no source; two: from memory). */
const TRIPOD_WRAPS = 3;
const BUNDLE_TURNS = 2;
/** A clove hitch is two turns and its ends: about two and a half girths of its pole (from memory). */
const HITCH_GIRTHS = 2.5;

/** About a bundle of n round poles, packed at the density of a heap (0.8, from memory): girth of the circle that holds them. mm. */
export const aboutBundle = (poles: number, diameterMm: number): number =>
  poles <= 3 ? aboutThree(diameterMm) : Math.PI * diameterMm * Math.sqrt(poles / 0.8);

/** Poles cannot all pass through one point: laid into the crotch in order, each passes the middle of the bundle on the same side, its middle line this far from it. mm. */
export const bundleRadius = (poles: number, diameterMm: number): number =>
  poles <= 3 ? diameterMm / Math.sqrt(3) : aboutBundle(poles, diameterMm) / (2 * Math.PI) - diameterMm / 2;

/** Clove hitch, three tight wraps, clove hitch, the cord wound round the whole bundle, and the tail. mm. */
export const lashingMm = (poles: number, diameterMm: number): number =>
  2 * HITCH_GIRTHS * Math.PI * diameterMm +
  TRIPOD_WRAPS * aboutThree(diameterMm) +
  BUNDLE_TURNS * aboutBundle(poles, diameterMm) +
  TAIL_MM;

/** Straight from foot to tie over a ring, by Pythagoras, with what stands above the tie and what is pushed in. mm. */
export const poleMm = (o: { heightMm: number; radiusMm: number; crossingMm: number; pushInMm: number }): number =>
  Math.hypot(o.heightMm, o.radiusMm) + o.crossingMm + o.pushInMm;
