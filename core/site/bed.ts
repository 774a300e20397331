/** The ground a structure stands on, as the gardener measured it. mm. */
export interface Bed {
  id: string;
  name: string;
  lengthMm: number;
  widthMm: number;
  /** Height of the bed's sides; 0 for open ground. */
  heightMm: number;
  /** Where one can stand: along both long sides, or only the front because the back is against something. */
  standFrom: 'both sides' | 'front only';
  /** How much higher the far end is than the near end, by two readings; may be negative. */
  riseMm: number;
  runs: 'north–south' | 'east–west';
  soil: Soil;
  wind: Wind;
  note: string;
}

export const SOILS = ['sand', 'loam', 'clay'] as const;
export type Soil = (typeof SOILS)[number];
export const WINDS = ['sheltered', 'usual', 'exposed'] as const;
export type Wind = (typeof WINDS)[number];
export const STANDING = ['both sides', 'front only'] as const;
export const BEARINGS = ['north–south', 'east–west'] as const;

/** How far a person picks comfortably from where they stand: 18″ (common practice, no source). mm. */
export const ARM_MM = 457.2;
