import type { Carries, Source } from '../catalogue/stock';

/** How a plant holds on, which decides what it can be given to climb. */
export type Habit = 'tendril-thin' | 'tendril-strong' | 'twiner' | 'leaner' | 'bush' | 'none';

export interface Training {
  id: string;
  name: string;
  /** In the row, stem to stem. */
  spacingMm: number;
  /** Kept to one or two stems, so that air and light pass: decides how close walls may stand. */
  pruned: boolean;
  /** What this way of training is meant for, where it matters. */
  bestOn?: 'string' | 'mesh';
}

export interface Pest {
  pest: string;
  barrier: string;
}

export interface Crop {
  id: string;
  name: string;
  family: string;
  habit: Habit;
  /** Height, or length of vine, at full growth in a good season. */
  heightMm: number;
  /** What the gardener wants held up: a plant may be topped or let down at less than its full height. */
  supportToMm: number;
  /** It stands by itself up to here; what carries it has to begin at or below. */
  supportFromMm: number;
  /** Clear space to leave under a panel. */
  gapMm: { least: number; most: number };
  /** The thickest member it can hold, and the widest step between holds; null where it does not climb. */
  grips: { memberMm: number; stepMm: number } | null;
  trainings: readonly Training[];
  fruitKg: number;
  slung: 'never' | 'large fruit' | 'always';
  /** One plant, wet, in full crop. */
  wetKg: number;
  load: Carries;
  sun: 'full' | 'part';
  hardiness: 'tender' | 'half-hardy' | 'hardy';
  /** Sown or planted out in these weeks from the last frost; negative is before it. */
  sow: { from: number; to: number };
  daysToCrop: { least: number; most: number };
  pests: readonly Pest[];
  /** What a net over the crop does to fruit set. */
  underNet: 'opens for insects' | 'sets by itself' | 'no fruit wanted';
  seasons: number;
  /** Potting mix that one plant does with, watered every day; left out for what wants the depth of a bed. */
  potLitres?: number;
}

export type CropColumn = keyof Crop;
export type ColumnSources = Record<CropColumn, Source>;
