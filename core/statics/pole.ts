import type { Soil } from '../site/soil';
import { FEET_PER_M, NEWTON_PER_POUND } from './pounds';

/**
 * Presumptive lateral bearing pressure a foot of depth below natural grade (International Building Code 2018, table
 * 1806.2): sand, class 4, 150 psf; clay and silty soils, class 5, 100 psf; loam taken as class 5. psf/ft.
 */
const LATERAL_PSF_FT: Readonly<Record<Soil, number>> = { sand: 150, clay: 100, loam: 100 };

interface Pole {
  acrossMm: number;
  deepMm: number;
  upMm: number;
  soil: Soil;
}

/**
 * What a pole that nothing holds at the soil may be pushed with: the pole formula of the
 * International Building Code 2018, 1807.3.2.1, equations 18-1 and 18-2, solved for the force. With
 * A = 2.34 P / (S₁ b) and d = ½ A (1 + √(1 + 4.36 h / A)) it gives P = S₁ b d² / (2.34 (d + 1.09 h)), S₁ taken at a
 * third of the depth. An allowable value, with the code's own safety in it; for short rigid poles.
 * `upMm` is where the force acts over the soil. N.
 * @example codePush({ acrossMm: 10, deepMm: 457.2, upMm: 500, soil: 'loam' }) // 2.13
 */
export function codePush(at: Pole): number {
  if (at.deepMm <= 0) return 0;
  const feet = (mm: number): number => (mm / 1000) * FEET_PER_M;
  const [b, d, h] = [feet(at.acrossMm), feet(at.deepMm), feet(at.upMm)];
  const s1 = LATERAL_PSF_FT[at.soil] * (d / 3);
  const pounds = (s1 * b * d ** 2) / (2.34 * (d + 1.09 * h));
  return pounds * NEWTON_PER_POUND;
}

/** The moment about the soil line that the ground holds of such a pole. N m. @example poleMoment({ acrossMm: 10, deepMm: 457.2, upMm: 457.2, soil: 'loam' }) // about 1 */
export const poleMoment = (at: Pole): number => (codePush(at) * Math.max(0, at.upMm)) / 1000;
