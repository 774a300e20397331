import { MM_PER_FOOT, type Units } from './length';
import { numberFormat } from './number-format';

/** 1 lb = 0.45359237 kg exactly (international yard and pound agreement of 1959). */
export const KG_PER_POUND = 0.45359237;
const MM2_PER_FT2 = MM_PER_FOOT ** 2;
const MM3_PER_FT3 = MM_PER_FOOT ** 3;

export type VolumeUnit = 'ft³' | 'yd³' | 'L' | 'm³';
const MM3: Record<VolumeUnit, number> = { 'ft³': MM3_PER_FT3, 'yd³': 27 * MM3_PER_FT3, L: 1e6, 'm³': 1e9 };

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

export function formatMass(kg: number, units: Units, locale: string): string {
  return units === 'imperial' ? `${figures(kg / KG_PER_POUND, locale)} lb` : `${figures(kg, locale)} kg`;
}
