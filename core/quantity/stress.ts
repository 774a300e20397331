import { MM_PER_INCH, type Units } from './length';
import { GRAVITY_MS2 } from './measure';
import { numberFormat } from './number-format';

const figures = (value: number, locale: string): string =>
  numberFormat(locale, { maximumSignificantDigits: 3 }).format(value);

/** A pound to the square inch in MPa (0.45359237 kg × 9.80665 m/s² over 645.16 mm², exactly). */
export const PSI_MPA = (0.45359237 * GRAVITY_MS2) / 645.16;
/** A stress. @example formatStress(10, 'imperial', 'en') // 1,450 psi */
export const formatStress = (mpa: number, units: Units, locale: string): string =>
  units === 'imperial' ? `${figures(mpa / PSI_MPA, locale)} psi` : `${figures(mpa, locale)} N/mm²`;

/** A foot-pound (0.45359237 kg × 9.80665 m/s² × 304.8 mm, exactly). N mm. */
const FOOT_POUND_NMM = 0.45359237 * GRAVITY_MS2 * 304.8;
/** A moment. @example formatMoment(1e6, 'metric', 'en') // 1,000 N m */
export const formatMoment = (nmm: number, units: Units, locale: string): string =>
  units === 'imperial' ? `${figures(nmm / FOOT_POUND_NMM, locale)} ft lb` : `${figures(nmm / 1000, locale)} N m`;

/** A section: its area, and how much it holds against bending. @example formatSection(25.4 ** 2, 2, 'imperial', 'en') // 1 in² */
export const formatSection = (mm: number, power: 2 | 3, units: Units, locale: string): string =>
  `${figures(units === 'imperial' ? mm / MM_PER_INCH ** power : mm, locale)} ${units === 'imperial' ? 'in' : 'mm'}${power === 2 ? '²' : '³'}`;
