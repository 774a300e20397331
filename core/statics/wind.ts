/** Density of air (EN 1991-1-4:2005, 4.5, note 2). kg/m³. */
const AIR_KG_M3 = 1.25;

/** Velocity pressure of a gust: q = ½ρv² (EN 1991-1-4:2005, equation 4.10). m/s, N/m². @example windPressure(32) // 640 */
export const windPressure = (gustMs: number): number => 0.5 * AIR_KG_M3 * gustMs ** 2;

/** Bending moment at which a round bar yields: M = σ π d³ / 32 (the bending formula; Timoshenko, *Strength of Materials*, part I, art. 23). mm, MPa; N m. */
export const roundYieldMoment = (diameterMm: number, yieldMpa: number): number =>
  (yieldMpa * Math.PI * diameterMm ** 3) / 32 / 1000;

/** Acceleration of free fall (ISO 80000-3). m/s². */
export const GRAVITY_MS2 = 9.80665;
