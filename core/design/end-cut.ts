/**
 * How the end of a bar is cut. A mitre slants across the wide face, an angle across the narrow one
 * (longer on the side that `wide` or the thickness points to when positive); a notch takes part of
 * the thickness away over a length, from the side the thickness points to (1) or the other (-1), so
 * that two bars lie in one plane.
 */
export type EndCut =
  | { cut: 'square' }
  | { cut: 'mitre'; angleRad: number }
  | { cut: 'angle'; angleRad: number }
  | { cut: 'notch'; longMm: number; deepMm: number; off: 1 | -1 }
  | { cut: 'as bought' };
