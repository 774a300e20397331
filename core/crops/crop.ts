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
  /** Nothing but level wires, on posts or on a wall, carries it. */
  onWires?: true;
}

/** How what has been cut back, and when, comes again. */
export type Pruning =
  | 'fruited-canes'
  | 'all-canes'
  | 'winter'
  | 'after-picking'
  | 'after-flowering'
  | 'late-winter'
  | 'dies-back'
  | 'old-leaves';

/** The year of a plant that lives for several; weeks from the last frost of the season that growth.ts names, negative before it. */
export interface Years {
  /** In which year from planting it first bears; 1 is the year of planting. */
  firstCropYear: number;
  /** Whether its stems stand through the winter, or come anew from the ground. */
  winter: 'stands' | 'dies back';
  budsWeek: number;
  /** Null where its flowers are of no account. */
  flowersWeek: number | null;
  picksForDays: number;
  prunes: Pruning;
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
  /** Of what lies on a roof for decades: old and wet, to each metre of roof along the way under it. kg/m. */
  matureKgM?: number;
  load: Carries;
  sun: 'full' | 'part';
  hardiness: 'tender' | 'half-hardy' | 'hardy';
  /** Sown or planted out in these weeks from the last frost; negative is before it. */
  sow: { from: number; to: number };
  /** The month and day on which a planting of it was really sown or planted out, where that is said: "05-12". */
  startsOn?: string;
  /** From sowing or planting out to the first picking; of what lives for years, from its flowers to its fruit, or from its buds where it is not grown for fruit. In the season that growth.ts names. */
  daysToCrop: { least: number; most: number };
  /** Below this it does not grow. °C. */
  baseC: number;
  /** The year of what lives for more than one. */
  years?: Years;
  pests: readonly Pest[];
  /** What a net over the crop does to fruit set. */
  underNet: 'opens for insects' | 'sets by itself' | 'no fruit wanted';
  seasons: number;
  /** Potting mix that one plant does with, watered every day; left out for what wants the depth of a bed. */
  potLitres?: number;
}

export type CropColumn = keyof Crop;
export type ColumnSources = Record<CropColumn, Source>;
