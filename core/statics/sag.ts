/**
 * Sag of a wire under a load spread along its span: s = w L² / (8 T), the parabola for small sags (Timoshenko and
 * Young, Engineering Mechanics, art. on parabolic cables). N/mm, mm, N; within 2 % of the catenary where it sags
 * less than a tenth of its span. mm.
 * @example parabolaSag(0.01, 2000, 100) // 50
 */
export const parabolaSag = (loadNmm: number, spanMm: number, tensionN: number): number =>
  (loadNmm * spanMm ** 2) / (8 * tensionN);
