import { MM_PER_FOOT, type Units } from './length';
import { numberFormat } from './number-format';

/** 1 lb = 0.45359237 kg exactly (international yard and pound agreement of 1959). */
export const KG_PER_POUND = 0.45359237;
const MM2_PER_FT2 = MM_PER_FOOT ** 2;
const MM3_PER_FT3 = MM_PER_FOOT ** 3;
/** A pound on a square foot, in kg/m². */
const KG_M2_PER_PSF = KG_PER_POUND / (MM_PER_FOOT / 1000) ** 2;

export type VolumeUnit = 'qt' | 'ft³' | 'yd³' | 'L' | 'm³';
const MM3: Record<VolumeUnit, number> = {
  // The US liquid quart, 57.75 in³ (NIST Handbook 44, appendix C).
  qt: 57.75 * (MM_PER_FOOT / 12) ** 3,
  'ft³': MM3_PER_FT3,
  'yd³': 27 * MM3_PER_FT3,
  L: 1e6,
  'm³': 1e9,
};
/** What is less than this is told in quarts. */
const QUARTS_TO_MM3 = MM3_PER_FT3 / 4;

/** Three figures that matter, without exponents: 0.0833, 4.25, 139. */
function figures(value: number, locale: string): string {
  return numberFormat(locale, { maximumSignificantDigits: 3, useGrouping: true }).format(value);
}

export function formatArea(mm2: number, units: Units, locale: string): string {
  return units === 'imperial' ? `${figures(mm2 / MM2_PER_FT2, locale)} ft²` : `${figures(mm2 / 1e6, locale)} m²`;
}

export function formatVolume(mm3: number, unit: VolumeUnit, locale: string): string {
  return `${figures(mm3 / MM3[unit], locale)} ${unit}`;
}

/** A volume as it is told to who reads feet, or metres: quarts and cubic feet, or litres. */
export const tellVolume = (mm3: number, units: Units, locale: string): string =>
  formatVolume(mm3, units === 'metric' ? 'L' : mm3 < QUARTS_TO_MM3 ? 'qt' : 'ft³', locale);

export const loadUnit = (units: Units): string => (units === 'imperial' ? 'lb/ft²' : 'kg/m²');
/** A load spread over a floor, in the unit it is told in; and back, in whole kg/m². @example fromLoad(toLoad(293, 'imperial'), 'imperial') // 293 */
export const toLoad = (kgM2: number, units: Units): number => (units === 'imperial' ? kgM2 / KG_M2_PER_PSF : kgM2);
export const fromLoad = (load: number, units: Units): number =>
  Math.round(units === 'imperial' ? load * KG_M2_PER_PSF : load);

/** A load spread over a floor: lb/ft² or kg/m². */
export const formatLoad = (kgM2: number, units: Units, locale: string): string =>
  `${figures(toLoad(kgM2, units), locale)} ${loadUnit(units)}`;

/** 1 mph = 0.44704 m/s exactly (the international mile of 1609.344 m). */
const MS_PER_MPH = 0.44704;
/** 1 m/s = 3.6 km/h exactly. */
const MS_PER_KMH = 1 / 3.6;
const msPer = (units: Units): number => (units === 'imperial' ? MS_PER_MPH : MS_PER_KMH);
export const speedUnit = (units: Units): string => (units === 'imperial' ? 'mph' : 'km/h');
/** A gust in the unit it is told in; and back. @example toSpeed(44.704, 'imperial') // 100 */
export const toSpeed = (ms: number, units: Units): number => ms / msPer(units);
export const fromSpeed = (speed: number, units: Units): number => Math.round(speed * msPer(units) * 10) / 10;
export const formatSpeed = (ms: number, units: Units, locale: string): string =>
  `${numberFormat(locale, { maximumFractionDigits: 0 }).format(toSpeed(ms, units))} ${speedUnit(units)}`;

/** The warmth of the air in the unit it is told in; and back, to a tenth of a degree Celsius (°F = 1.8 °C + 32 exactly). */
export const warmthUnit = (units: Units): string => (units === 'imperial' ? '°F' : '°C');
export const toWarmth = (celsius: number, units: Units): number =>
  units === 'imperial' ? (celsius * 9) / 5 + 32 : celsius;
export const fromWarmth = (told: number, units: Units): number =>
  units === 'imperial' ? Math.round((((told - 32) * 5) / 9) * 10) / 10 : told;
export const formatWarmth = (celsius: number, units: Units, locale: string): string =>
  `${numberFormat(locale, { maximumFractionDigits: 0 }).format(toWarmth(celsius, units))} ${warmthUnit(units)}`;

/** Standard gravity, exactly (ISO 80000-3). m/s². */
export const GRAVITY_MS2 = 9.80665;
/** A pull, as the weight that pulls so hard. @example formatPull(980.665, 'metric', 'en') // 100 kg */
export const formatPull = (newtons: number, units: Units, locale: string): string =>
  formatMass(newtons / GRAVITY_MS2, units, locale);

const OUNCES = 16;

/** A mass as it is weighed: what is less than a pound in ounces, less than a kilogram in grams; two figures there, three above. */
export function formatMass(kg: number, units: Units, locale: string): string {
  const [large, small, parts, unit] =
    units === 'imperial' ? [kg / KG_PER_POUND, OUNCES, 'oz', 'lb'] : [kg, 1000, 'g', 'kg'];
  return large < 1 && large > 0
    ? `${numberFormat(locale, { maximumSignificantDigits: 2 }).format(large * small)} ${parts}`
    : `${figures(large, locale)} ${unit}`;
}
