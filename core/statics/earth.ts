/**
 * Share of the upright pressure with which loose soil presses sideways: Rankine, active, level top, Ka = tan²(45° − φ/2)
 * (Rankine, "On the Stability of Loose Earth", Phil. Trans. R. Soc. 147, 1857; Terzaghi, Theoretical Soil Mechanics, 1943).
 * φ of loose garden soil 30° (from memory): Ka = 1/3.
 */
export const activeShare = (frictionRad: number): number => Math.tan(Math.PI / 4 - frictionRad / 2) ** 2;

/** Angle at which loose garden soil rests (from memory). */
export const LOOSE_SOIL_RAD = Math.PI / 6;
/** Wet garden soil: 18 kN/m³ (EN 1991-1-1:2002, table A.10 gives earth 18 to 20; the lower end, for a mix). N/mm³. */
export const WET_SOIL_N_MM3 = 18e-6;

/** How hard wet soil presses on a side, so deep under its top. MPa. */
export const soilPressure = (deepMm: number): number =>
  activeShare(LOOSE_SOIL_RAD) * WET_SOIL_N_MM3 * Math.max(0, deepMm);

/** How far a board bows between two posts, each end free to turn: 5 q L⁴ / (384 E I) (beam formulas, AWC DA6 figure 1). mm, N/mm, MPa. */
export const bowBetween = (o: {
  loadNmm: number;
  spanMm: number;
  wideMm: number;
  thickMm: number;
  stiffnessMpa: number;
}): number => (5 * o.loadNmm * o.spanMm ** 4) / (384 * o.stiffnessMpa * ((o.wideMm * o.thickMm ** 3) / 12));

/**
 * How many times over a wall of its own weight resists being turned over its outer foot by the soil behind it: the
 * soil's push ½ Ka γ h² works at a third of the height, the weight at half the width; for each mm of length. N, mm.
 */
export const turnsOver = (o: { highMm: number; wideMm: number; weightNmm: number }): number => {
  const push = (activeShare(LOOSE_SOIL_RAD) * WET_SOIL_N_MM3 * o.highMm ** 3) / 6;
  return push > 0 ? (o.weightNmm * o.wideMm) / 2 / push : Infinity;
};
