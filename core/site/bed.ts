import type { Placed } from './plot';

/** The ground a structure stands on, as the gardener measured it, and where it lies on the plot. mm. */
export interface Bed extends Placed {
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
  soil: Soil;
  wind: Wind;
  /** Plant families that grew here last year, the year before, and the one before that; "" where nothing did. */
  grewBefore: readonly string[];
  note: string;
}

export const SOILS = ['sand', 'loam', 'clay'] as const;
export type Soil = (typeof SOILS)[number];
export const WINDS = ['sheltered', 'usual', 'exposed'] as const;
export type Wind = (typeof WINDS)[number];
export const STANDING = ['both sides', 'front only'] as const;

/** How far a person picks comfortably from where they stand, to begin with: 18″ (common practice, no source). mm. */
export const ARM_MM = 457.2;
