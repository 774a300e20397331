/**
 * Elastic stretch of a wire: ΔL = T L / (E A), Hooke's law for a bar in tension (Timoshenko,
 * Strength of Materials, part I, art. 2). N, mm, MPa; for stresses below yield. mm.
 */
export const stretchOf = (tensionN: number, lengthMm: number, areaMm2: number, modulusMpa = STEEL_E_MPA): number =>
  (tensionN * lengthMm) / (modulusMpa * areaMm2);

/** Modulus of elasticity of steel: 210 000 N/mm² (EN 1993-1-1:2005, clause 3.2.6). */
export const STEEL_E_MPA = 210_000;

/** Soft galvanised fencing wire gives at about 350 N/mm² (from memory; tensile strength class of EN 10218-2 wire is 350–550). */
export const WIRE_YIELD_MPA = 350;

export const roundArea = (diameterMm: number): number => (Math.PI / 4) * diameterMm ** 2;

/** Share of the yield that a pull takes in a round wire. */
export const yieldShareOf = (tensionN: number, diameterMm: number): number =>
  tensionN / (roundArea(diameterMm) * WIRE_YIELD_MPA);
