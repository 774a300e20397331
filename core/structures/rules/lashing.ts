import { inches } from '../../quantity/length';

/** Shortest cord about three equal round poles that touch: three diameters and one girth (geometry of tangent circles). mm. */
export const aboutThree = (diameterMm: number): number => 3 * diameterMm + Math.PI * diameterMm;

/** Turns of twine about canes that cross, and what is left for the knot (from memory). */
const TURNS = 4;
const KNOT_MM = inches(10);

/** Twine for one lashing of two or three canes. mm. */
export const twineAbout = (diameterMm: number): number => TURNS * aboutThree(diameterMm) + KNOT_MM;
