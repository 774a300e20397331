import type { Support } from '../joinery/meetings';
import type { Link } from '../frame/frame';
import { UP, ALONG, scale, add, type Point } from '../geometry/space';
import { firmDepth, type BedFill } from '../statics/embedment';
import { soilSpring } from '../statics/pile';
import type { Soil } from '../site/soil';

/** What a structure stands on where it stands. */
export interface Ground {
  soil: Soil;
  fill: BedFill;
  /** A class worse: wet clay, thawing or freshly dug ground. */
  softer?: boolean;
}

const DOWN: Point = [0, 0, -1];
const FLAT: Link['axes'] = [DOWN, ALONG, [0, 1, 0]];
/** How what does not stand in the soil is held there (all from memory): pressed on it, pegged to it, fixed to what stands there; a plate and a shoe. N/mm, N mm. */
const ON_SOIL: Link['stiff'] = [500, 200, 200, 1e4, 1e4, 1e4];
const PEGGED: Link['stiff'] = [200, 200, 200, 1e3, 1e3, 1e3];
const FIXED_THERE: Link['stiff'] = [3000, 3000, 3000, 5e6, 5e6, 5e6];
const HELD_FAST: Readonly<Record<'shoe' | 'plate' | 'screwed', Link['stiff']>> = {
  shoe: [10_000, 5000, 5000, 1e6, 2e6, 2e6],
  plate: [10_000, 5000, 5000, 5e6, 2e7, 2e7],
  screwed: [5000, 3000, 3000, 5e6, 1e7, 1e7],
};
/** A post's end on the soil under it, so much to each square millimetre of it, and the rubbing of what is round it (from memory). N/mm. */
const BEARS_NMM = 2000;
const TWISTS = 1e7;

/** How a support holds a place of a frame: where it acts, and as what springs. `firmMm` is how much of a post firm ground holds. */
export function springsOf(
  support: Support,
  at: Point,
  ground: Ground,
): { link: Omit<Link, 'a' | 'b'>; firmMm: number } {
  const { by, depthMm } = support;
  if (by === 'lies on it') return { link: { at, axes: FLAT, stiff: ON_SOIL, pressesOnly: true }, firmMm: 0 };
  if (by === 'pegged') return { link: { at, axes: FLAT, stiff: PEGGED }, firmMm: 0 };
  if (by === 'on what stands there') return { link: { at, axes: FLAT, stiff: FIXED_THERE }, firmMm: 0 };
  if (by === 'shoe' || by === 'plate' || by === 'screwed')
    return { link: { at, axes: FLAT, stiff: HELD_FAST[by] }, firmMm: 0 };
  const firmMm = firmDepth(depthMm, ground.fill);
  if (firmMm <= 0) return { link: { at, axes: FLAT, stiff: ON_SOIL, pressesOnly: true }, firmMm };
  const spring = soilSpring({ deepMm: firmMm, ...ground });
  return {
    link: {
      at: add(at, scale(UP, -spring.atMm)),
      axes: FLAT,
      stiff: [BEARS_NMM, spring.push, spring.push, TWISTS, spring.turn, spring.turn],
    },
    firmMm,
  };
}
