import { GRAVITY_MS2 } from '../quantity/measure';
import type { Soil } from '../site/soil';

/**
 * What garden soils bear sideways, as ordinary samples of each do (from memory): sand by its angle of friction and its
 * weight, loam and clay by their strength undrained. `softer` is the same a class worse: wet clay, thawing or freshly
 * dug ground. kN/m³, degrees, kPa; `nh` is how the stiffness of sand grows with its depth, for loose and for medium
 * sand (Terzaghi 1955, Géotechnique 5: 297–326, table 5, from memory). N/mm³.
 */
const GROUND: Readonly<Record<Soil, { firm: GroundClass; softer: GroundClass }>> = {
  sand: { firm: { phiDeg: 33, kNm3: 17, nh: 0.0066 }, softer: { phiDeg: 28, kNm3: 16, nh: 0.0022 } },
  loam: { firm: { cuKpa: 40 }, softer: { cuKpa: 25 } },
  clay: { firm: { cuKpa: 50 }, softer: { cuKpa: 25 } },
};
type GroundClass = { phiDeg: number; kNm3: number; nh: number } | { cuKpa: number };

/** How a post is held: across what bears, how deep, how far over that the push acts, and in what. mm. */
export interface Pushed {
  acrossMm: number;
  deepMm: number;
  upMm: number;
  soil: Soil;
  softer?: boolean;
  /** Of a post with an anchor plate: what that reaches out beside the post, and how far over its foot its middle sits. mm², mm. */
  plate?: { besideMm2: number; upMm: number };
}

const classOf = ({ soil, softer = false }: Pick<Pushed, 'soil' | 'softer'>): GroundClass =>
  GROUND[soil][softer ? 'softer' : 'firm'];

/** Push at which the soil gives way over this is what it may be pushed with (from memory; pile tests ask 2 to 3 of buildings). */
export const SOIL_OVER = 1.5;

/** Rankine's passive pressure, as so many times the weight of what lies over it: tan²(45° + φ/2). @example passive(30) // 3 */
export const passive = (phiDeg: number): number => Math.tan(Math.PI / 4 + (phiDeg * Math.PI) / 360) ** 2;

/**
 * What is wider than a fifth of its depth is taken as no wider (from memory): of a footing of concrete the topmost one and
 * a half widths that Broms leaves out would be most of it, though it holds no less than a narrower one within it.
 */
const SLENDER = 5;

/**
 * The push at which the ground gives way about a short stiff post that is free at its head: Broms 1964, *Lateral
 * resistance of piles*, J. Soil Mech. Found. Div. ASCE 90 (SM2: 27–63, SM3: 123–156). In sand
 * ½ γ b d³ K_p / (e + d); in clay 9 c_u b from one and a half widths down, so that with f = H / (9 c_u b) and
 * g = d − 1.5 b − f the moments about where it turns are H (e + 1.5 b + ½ f) = 2.25 c_u b g². N.
 * @example bromsPush({ acrossMm: 89, deepMm: 610, upMm: 1200, soil: 'sand' })
 */
export function bromsPush(at: Pushed): number {
  const { acrossMm: b, deepMm: d, upMm: e } = at;
  const ground = classOf(at);
  if (d <= 0 || b <= 0) return 0;
  if ('phiDeg' in ground) {
    const pressed = ground.kNm3 * 1e-6 * passive(ground.phiDeg);
    // The same pressure on a plate, 3 γ z K_p, with its lever about the foot. In clay it sits where the post turns, and adds little.
    const over = at.plate ? Math.max(0, d - at.plate.upMm) : 0;
    return (pressed * (0.5 * b * d ** 3 + 3 * over * (at.plate?.besideMm2 ?? 0) * (at.plate?.upMm ?? 0))) / (e + d);
  }
  const cu = ground.cuKpa / 1000;
  const wide = Math.min(b, d / SLENDER);
  const over = 1.5 * wide;
  if (d <= over) return 0;
  // A quadratic in f, once H = 9 c_u b f: 9 f (e + 1.5 b + ½ f) = 2.25 (d − 1.5 b − f)².
  const l = d - over;
  const [p, q, r] = [4.5 - 2.25, 9 * (e + over) + 4.5 * l, -2.25 * l ** 2];
  const f = (-q + Math.sqrt(q ** 2 - 4 * p * r)) / (2 * p);
  return 9 * cu * wide * f;
}

/** Soil clings to what is driven or tamped into it, in sand less (from memory: a third of its strength undrained; a few kPa). kPa. */
const CLINGS_KPA: Readonly<Record<Soil, number>> = { sand: 5, loam: 12, clay: 15 };
/** Concrete (EN 1991-1-1:2002, table A.1). */
const CONCRETE_N_MM3 = 2400e-9 * GRAVITY_MS2;

/**
 * What a post is drawn out of the soil against: what clings to it all round, and the weight of its concrete (2400 kg/m³,
 * EN 1991-1-1:2002, table A.1). N, mm.
 * @example drawsOut({ acrossMm: 267, deepMm: 610, soil: 'loam', concrete: true }) // 6.1 kN and 0.8 kN
 */
export function drawsOut(at: { acrossMm: number; deepMm: number; soil: Soil; concrete: boolean }): number {
  const clings = (CLINGS_KPA[at.soil] / 1000) * Math.PI * at.acrossMm * at.deepMm;
  return clings + (at.concrete ? (Math.PI / 4) * at.acrossMm ** 2 * at.deepMm * CONCRETE_N_MM3 : 0);
}

/**
 * How stiffly the ground holds a post that turns in it as one: a spring that all acts at, so far under the firm soil,
 * and one against turning there. In sand the stiffness of each millimetre grows as n_h z; in clay it is even, 67 c_u
 * (Davisson 1970, *Lateral load capacity of piles*, from memory). N/mm, N mm, mm.
 * @example soilSpring({ deepMm: 610, soil: 'sand' }).atMm // three quarters down
 */
export function soilSpring(at: Pick<Pushed, 'deepMm' | 'soil' | 'softer'>): {
  push: number;
  turn: number;
  atMm: number;
} {
  const ground = classOf(at);
  const d = at.deepMm;
  if ('phiDeg' in ground) {
    // ∫ n z, ∫ n z², ∫ n z³ from nought to d.
    const [push, first, second] = [(ground.nh * d ** 2) / 2, (ground.nh * d ** 3) / 3, (ground.nh * d ** 4) / 4];
    return { push, atMm: first / push, turn: second - first ** 2 / push };
  }
  const k = (67 * ground.cuKpa) / 1000;
  return { push: k * d, atMm: d / 2, turn: (k * d ** 3) / 12 };
}
