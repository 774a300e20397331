import type { Wind } from '../site/soil';

/** Density of air (EN 1991-1-4:2005, 4.5, note 2). kg/m³. */
const AIR_KG_M3 = 1.25;

/** Velocity pressure of a gust: q = ½ρv² (EN 1991-1-4:2005, equation 4.10). m/s, N/m². @example windPressure(32) // 640 */
export const windPressure = (gustMs: number): number => 0.5 * AIR_KG_M3 * gustMs ** 2;

/** Roughness length and least height of the terrain a garden lies in (EN 1991-1-4:2005, table 4.1: categories II and III). m. */
const TERRAIN: Readonly<Record<Wind, { roughM: number; leastM: number }>> = {
  exposed: { roughM: 0.05, leastM: 2 },
  usual: { roughM: 0.3, leastM: 5 },
  sheltered: { roughM: 0.3, leastM: 5 },
};

/** Behind a hedge or a fence that lets a fifth through, five to ten of its heights off (EN 1991-1-4:2005, 7.4.2, figure 7.20, read from memory). */
const BEHIND_HEDGE = 0.6;

/** Exposure factor c_e(z) = (1 + 7 I_v) c_r² (EN 1991-1-4:2005, equations 4.4, 4.5, 4.7 and 4.8), on level ground. @example exposureFactor({ roughM: 0.05 }, 10) // 2.35 */
export function exposureFactor({ roughM }: { roughM: number }, heightM: number): number {
  const log = Math.log(heightM / roughM);
  return (1 + 7 / log) * (0.19 * (roughM / 0.05) ** 0.07 * log) ** 2;
}

/** Share of the pressure of a gust, as it is told for 10 m over open country, that reaches what stands low down in a garden. @example lowDown('usual') // 0.545 */
export function lowDown(wind: Wind): number {
  const terrain = TERRAIN[wind];
  const share = exposureFactor(terrain, terrain.leastM) / exposureFactor(TERRAIN.exposed, 10);
  return wind === 'sheltered' ? share * BEHIND_HEDGE : share;
}

/**
 * A gust that comes once in so many years on the average, as a share of the one that comes once in fifty: c_prob = √((1
 * − K ln(−ln(1 − p))) / (1 − K ln(−ln 0.98))), K = 0.2 (EN 1991-1-4:2005, 4.2, equation 4.2).
 * @example onceIn(10) // 0.90
 */
export const onceIn = (years: number): number => {
  const rare = (p: number): number => 1 - 0.2 * Math.log(-Math.log(1 - p));
  return Math.sqrt(rare(1 / years) / rare(0.02));
};

/** Bending moment at which a round bar yields: M = σ π d³ / 32 (the bending formula; Timoshenko, *Strength of Materials*, part I, art. 23). mm, MPa; N m. */
export const roundYieldMoment = (diameterMm: number, yieldMpa: number): number =>
  (yieldMpa * Math.PI * diameterMm ** 3) / 32 / 1000;

/** The same of a pipe, M = σ π (D⁴ − d⁴) / (32 D); a solid bar has no wall. mm, MPa; N m. */
export const pipeYieldMoment = ({
  diameterMm,
  wallMm,
  yieldMpa,
}: {
  diameterMm: number;
  wallMm: number;
  yieldMpa: number;
}): number =>
  roundYieldMoment(diameterMm, yieldMpa) * (wallMm > 0 ? 1 - ((diameterMm - 2 * wallMm) / diameterMm) ** 4 : 1);
