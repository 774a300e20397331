import { dot, type Point } from '../geometry/space';

/**
 * How the end of a bar is cut. A mitre slants across the wide face, an angle across the narrow one
 * (longer on the side that `wide` or the thickness points to when positive); a notch takes part of
 * the thickness away over a length, from the side the thickness points to (1) or the other (-1), so
 * that two bars lie in one plane. A compound cut slants across both faces: the saw is turned by `mitreRad` across the
 * wide face and its blade tilted by `tiltRad`; positive is longer, along the bar from its start, on the side that `wide`
 * and the thickness point to. A shaped end follows the template of a sawn board.
 * @example { cut: 'mitre', angleRad: Math.PI / 4 } // longer on the side that `wide` points to
 */
export type EndCut =
  | { cut: 'square' }
  | { cut: 'mitre'; angleRad: number }
  | { cut: 'angle'; angleRad: number }
  | { cut: 'compound'; mitreRad: number; tiltRad: number }
  | { cut: 'shaped' }
  | { cut: 'notch'; longMm: number; deepMm: number; off: 1 | -1 }
  | { cut: 'as bought' };

/**
 * Both ends plumb, and so parallel: what goes slanting between two posts. Of a bar that rises by this
 * angle and whose `wide` is square to it and points up; a mitred pair with one sign would close a corner.
 */
export const plumbEnds = (riseRad: number): readonly [EndCut, EndCut] => [
  { cut: 'mitre', angleRad: -riseRad },
  { cut: 'mitre', angleRad: riseRad },
];

/** Whether two slanting ends are parallel to each other, rather than towards each other. */
export const areParallel = ([a, b]: readonly [EndCut, EndCut]): boolean =>
  a.cut === 'compound' && b.cut === 'compound'
    ? a.mitreRad * b.mitreRad > 0 && a.tiltRad * b.tiltRad > 0
    : 'angleRad' in a && 'angleRad' in b && a.cut === b.cut && a.angleRad * b.angleRad < 0;

/**
 * The compound cut of a bar in a plane: what its saw is turned and tilted by. With u along the bar and the plane's
 * normal n, the cut lies at u·n + wide·n + thick·n = 0: turned by atan(−(wide·n)/(u·n)), tilted by
 * atan(−(thick·n)/(u·n) · cos turned), by rotating a saw's blade twice (own derivation; tried against rotated vectors).
 * @example compoundIn(UP, { axis, wide, thick }) // the level top of a leg that leans two ways
 */
export function compoundIn(
  normal: Point,
  bar: { axis: Point; wide: Point; thick: Point },
): Extract<EndCut, { cut: 'compound' }> {
  const along = dot(bar.axis, normal);
  const mitreRad = Math.atan(-dot(bar.wide, normal) / along);
  return { cut: 'compound', mitreRad, tiltRad: Math.atan((-dot(bar.thick, normal) / along) * Math.cos(mitreRad)) };
}

/** How far an end that is cut aslant reaches along its bar, for one of its width and one of its thickness. */
export const leanOf = (end: EndCut): { byWide: number; byThick: number } => {
  switch (end.cut) {
    case 'mitre':
      return { byWide: Math.tan(end.angleRad), byThick: 0 };
    case 'angle':
      return { byWide: 0, byThick: Math.tan(end.angleRad) };
    case 'compound':
      return { byWide: Math.tan(end.mitreRad), byThick: Math.tan(end.tiltRad) / Math.cos(end.mitreRad) };
    default:
      return { byWide: 0, byThick: 0 };
  }
};

/** What is cut square at both ends; and what is used as it comes from the shop. */
export const SQUARE: readonly [EndCut, EndCut] = [{ cut: 'square' }, { cut: 'square' }];
export const AS_BOUGHT: readonly [EndCut, EndCut] = [{ cut: 'as bought' }, { cut: 'as bought' }];
