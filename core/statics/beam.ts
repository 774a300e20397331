import { strengthOf } from './strength';
import type { Timber } from '../catalogue/stock';

/**
 * Solid timber outdoors under what stays for good: service class 3, permanent load, kmod 0.50 (EN 1995-1-1:2004, table
 * 3.1); γM 1.3 (table 2.3); it goes on bending to three times what it first does, kdef 2.0 (table 3.2).
 */
const KMOD_FOR_GOOD = 0.5;
const GAMMA_M = 1.3;
const KDEF = 2;
/** What weighs for good counts by so much more (EN 1990:2002, table A1.2(B)). */
const GAMMA_G = 1.35;

/** A board on edge from one support to the next under an even load along it. mm, N/mm. */
export interface LoadedBeam {
  spanMm: number;
  loadNmm: number;
  /** How many boards share it. */
  boards: number;
  of: Timber;
}

/**
 * What share of its strength an even load for good takes, and how far it bends in the end: M = w L² / 8, f = M y / I,
 * 5 w L⁴ / (384 E I) (Timoshenko, *Strength of Materials*, part I, arts. 22 and 31; EN 1995-1-1, 6.1.6 and 2.2.3).
 * @example bends({ spanMm: 2134, loadNmm: 0.146, boards: 1, of }).sagMm // a few mm
 */
export function bends({ spanMm, loadNmm, boards, of }: LoadedBeam): { share: number; sagMm: number } {
  const wood = strengthOf(of);
  if (!wood || !('bendingMpa' in wood)) throw new Error(`${of.id} is no timber`);
  const momentMm4 = (boards * of.thickMm * of.wideMm ** 3) / 12;
  const stressMpa = ((GAMMA_G * loadNmm * spanMm ** 2) / 8) * (of.wideMm / 2 / momentMm4);
  return {
    share: stressMpa / ((wood.bendingMpa * KMOD_FOR_GOOD) / GAMMA_M),
    sagMm: ((5 * loadNmm * spanMm ** 4) / (384 * wood.stiffnessMpa * momentMm4)) * (1 + KDEF),
  };
}
