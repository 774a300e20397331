import { postLines } from '../design/post-numbers';
import type { Design } from '../design/design';
import { feet, inches, type Units } from '../quantity/length';

/** A rectangle of posts by the middles of its corners, with how it is made square. mm. */
export interface Square {
  longMm: number;
  wideMm: number;
  /** Both are as long as this when it is square. */
  diagonalMm: number;
  /** Three, four and five of one measure from a corner: as large as finds room. */
  triangle: { alongMm: number; acrossMm: number; slantMm: number };
}

/** Corners nearer to a rectangle than this are one. mm. */
const TRUE_MM = 5;
/** What three, four and five are counted in: whole feet and their thirds, or 300 and 100 mm. */
const MEASURES: Record<Units, readonly number[]> = {
  imperial: [feet(3), feet(2), feet(1), inches(4), inches(1)],
  metric: [900, 600, 300, 100, 25],
};

/** The rectangle in which posts stand, where they stand in two lines or more; null where they do not. @example squareOf(design, 'imperial')?.diagonalMm */
export function squareOf(design: Pick<Design, 'parts' | 'traits' | 'ground'>, units: Units): Square | null {
  if ('path' in design.ground) return null;
  const lines = postLines(design);
  const [front, back] = [lines[0], lines.at(-1)];
  if (!front || !back || front === back) return null;
  const ends = [front[0], front.at(-1), back[0], back.at(-1)].map((post) => post?.from ?? [NaN, NaN, NaN]);
  const [a, b, c, d] = ends as [[number, number], [number, number], [number, number], [number, number]];
  const longMm = b[0] - a[0];
  const wideMm = c[1] - a[1];
  const isTrue = Math.abs(a[0] - c[0]) < TRUE_MM && Math.abs(b[0] - d[0]) < TRUE_MM && Math.abs(b[1] - a[1]) < TRUE_MM;
  if (!isTrue || !(longMm > TRUE_MM) || !(wideMm > TRUE_MM)) return null;
  const [alongBy, acrossBy] = longMm >= wideMm ? [4, 3] : [3, 4];
  const measure = MEASURES[units].find((one) => one * alongBy <= longMm && one * acrossBy <= wideMm) ?? 0;
  if (measure === 0) return null;
  return {
    longMm,
    wideMm,
    diagonalMm: Math.hypot(longMm, wideMm),
    triangle: { alongMm: alongBy * measure, acrossMm: acrossBy * measure, slantMm: 5 * measure },
  };
}
