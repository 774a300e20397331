import { LEAST_LEAN_RAD } from '../../checks/tipping';
import { add, scale, type Point } from '../../geometry/space';
import { inches, MM_PER_INCH } from '../../quantity/length';
import { onGround, wayAlong, type Ground } from '../../site/ground';

/** The feet of two leaves stand no farther apart than so many leaves: flatter they lie (from memory). */
const FLATTEST = 1.96;

/** How far apart the feet of two leaves can stand. mm. */
export const mostSpread = (leafMm: number, gapMm: number): number => FLATTEST * leafMm + gapMm;

/**
 * Two leaves hinged at the top. Their feet stand `spread` apart and their heads the hinge gap apart,
 * so the peak stands at √(leaf² − ((spread − gap)/2)²): right triangle. mm, radians from the upright.
 */
export function leanOf(leafMm: number, spreadMm: number, gapMm: number): { heightMm: number; leanRad: number } {
  const run = Math.min(leafMm, Math.max(0, (spreadMm - gapMm) / 2));
  return { heightMm: Math.sqrt(leafMm ** 2 - run ** 2), leanRad: Math.asin(run / leafMm) };
}

/**
 * Least base on which a pair of leaves stays up: the tangent of the least lean times its height, which is
 * less than a leaf. To the next inch. mm.
 */
export const leastSpread = (leafMm: number): number =>
  inches(Math.ceil((leafMm * Math.tan(LEAST_LEAN_RAD)) / MM_PER_INCH));

/** A leaf on one side (−1 the front, 1 the back) of a middle line over the soil. */
export interface PropLeaf {
  ground: Ground;
  y: number;
  side: -1 | 1;
  /** Foot to foot, and the lean of both leaves. */
  spreadMm: number;
  leanRad: number;
}

/** A way of leaves that stand on level soil, turned with the soil under them: a leaf is a rectangle and lies square to its fall. */
function onFall(leaf: PropLeaf, [x, y, z]: Point): Point {
  const [cos, , sin] = wayAlong(leaf.ground);
  return [x * cos - z * sin, y, x * sin + z * cos];
}

/** A point of a leaf: along the row, up the leaf from its foot, and out from its middle plane. */
export const onLeaf = (leaf: PropLeaf, alongMm: number, upMm: number, outMm: number): Point =>
  add(
    onGround(leaf.ground, alongMm, leaf.y + (leaf.side * leaf.spreadMm) / 2),
    add(scale(upLeaf(leaf), upMm), scale(outOfLeaf(leaf), outMm)),
  );

/** The direction out of the face of a leaf. */
export const outOfLeaf = (leaf: PropLeaf): Point =>
  onFall(leaf, [0, leaf.side * Math.cos(leaf.leanRad), Math.sin(leaf.leanRad)]);

/** The direction up a leaf. */
export const upLeaf = (leaf: PropLeaf): Point =>
  onFall(leaf, [0, -leaf.side * Math.sin(leaf.leanRad), Math.cos(leaf.leanRad)]);
