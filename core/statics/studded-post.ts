import { STEEL_E_MPA } from './wire';

/**
 * A studded T-post of rail steel, 1.33 lb a foot: 345 MPa at least (ASTM A702); 1.98 kg/m over 7850 kg/m³ are 252 mm²; its
 * second moment about the weaker axis from memory. It bends on until all of it yields (EN 1993-1-1:2005, 6.2.5, for
 * sections as stout as this): its plastic modulus, of a flange and a web of 35 × 3.2 mm, by hand 1810 mm³, a little
 * more for the studs. mm², mm⁴, mm³.
 */
export const STUDDED = {
  class: 'rail steel, 50 ksi',
  yieldMpa: 345,
  stiffnessMpa: STEEL_E_MPA,
  areaMm2: 252,
  momentMm4: 21_000,
  plasticMm3: 1900,
  source: 'ASTM A702; second moment from memory',
} as const;

/**
 * What a bar of steel or plastic may be stressed to: its yield over 1.35, the 1.5 of wind for what hurts nobody when it
 * gives way (EN 1990:2002, table A1.2 and annex B, table B3: K_FI 0.9).
 */
export const STEEL_OVER = 1.35;
