/**
 * How the end of a bar is cut. A mitre slants across the wide face, an angle across the narrow one
 * (longer on the side that `wide` or the thickness points to when positive); a notch takes part of
 * the thickness away over a length, from the side the thickness points to (1) or the other (-1), so
 * that two bars lie in one plane.
 * @example { cut: 'mitre', angleRad: Math.PI / 4 } // longer on the side that `wide` points to
 */
export type EndCut =
  | { cut: 'square' }
  | { cut: 'mitre'; angleRad: number }
  | { cut: 'angle'; angleRad: number }
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
  'angleRad' in a && 'angleRad' in b && a.cut === b.cut && a.angleRad * b.angleRad < 0;

/** What is cut square at both ends; and what is used as it comes from the shop. */
export const SQUARE: readonly [EndCut, EndCut] = [{ cut: 'square' }, { cut: 'square' }];
export const AS_BOUGHT: readonly [EndCut, EndCut] = [{ cut: 'as bought' }, { cut: 'as bought' }];
