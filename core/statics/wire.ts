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

/** High-tensile fence wire (1200 MPa class) gives at about 1000 N/mm² (from memory). */
const TENSILE_YIELD_MPA = 1000;

/** At what stress a wire of the catalogue gives. MPa. */
export const wireYieldMpa = (stock: string): number => (stock === 'wire-tensile' ? TENSILE_YIELD_MPA : WIRE_YIELD_MPA);

export const roundArea = (diameterMm: number): number => (Math.PI / 4) * diameterMm ** 2;

/** Share of the yield that a pull takes in a round wire. */
export const yieldShareOf = (tensionN: number, diameterMm: number, yieldMpa = WIRE_YIELD_MPA): number =>
  tensionN / (roundArea(diameterMm) * yieldMpa);

/**
 * A wire that was strained between two supports and is then hung with an even load: how hard it pulls, and how far it
 * hangs in the middle. By the parabola s = w L² / (8 T) (Timoshenko & Young, Engineering Mechanics, "parabolic cable",
 * from memory), whose length is L (1 + 8/3 (s/L)²), and Hooke's law: T = T₀ + E A w² L² / (24 T²), solved for its one
 * root above T₀ by halving. For sags under a tenth of the span; supports that do not give. N, mm, N/mm, MPa.
 * @example hungWire({ pullN: 200, loadNmm: 0.03, spanMm: 3600, areaMm2: 4.9 }) // { tensionN: 866, sagMm: 56 }
 */
export function hungWire(o: { pullN: number; loadNmm: number; spanMm: number; areaMm2: number }): {
  tensionN: number;
  sagMm: number;
} {
  const stiff = (STEEL_E_MPA * o.areaMm2 * (o.loadNmm * o.spanMm) ** 2) / 24;
  let [low, high] = [o.pullN, o.pullN + Math.cbrt(stiff)];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (middle ** 2 * (middle - o.pullN) < stiff) low = middle;
    else high = middle;
  }
  return { tensionN: high, sagMm: high > 0 ? (o.loadNmm * o.spanMm ** 2) / (8 * high) : 0 };
}
