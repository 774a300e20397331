import type { Source } from '../catalogue/stock';
import { BRASSICAS } from './brassicas';
import { BUSHES } from './bushes';
import type { ColumnSources, Crop, CropColumn, Training } from './crop';
import { FLOWERS } from './flowers';
import { FRUIT } from './fruit';
import { GROUND_CROPS } from './ground';
import { LEANERS } from './leaners';
import { TENDRILS } from './tendrils';
import { TWINERS } from './twiners';

/**
 * The crop table, by how its crops grow. Lengths mm, masses kg. Where no other source is given for a column of a row in
 * {@link PRACTICE}, the figure is from memory: a gardener's round number, to be corrected with your own.
 */
export const CROPS: readonly Crop[] = [
  ...LEANERS,
  ...BUSHES,
  ...TENDRILS,
  ...TWINERS,
  ...GROUND_CROPS,
  ...BRASSICAS,
  ...FRUIT,
  ...FLOWERS,
];

/** Columns that the trade agrees on (common practice, no source); `*` speaks for every row. */
const PRACTICE: Record<string, readonly CropColumn[]> = {
  '*': ['habit', 'load', 'grips', 'pests'],
  tomato: ['heightMm', 'supportToMm', 'supportFromMm', 'gapMm', 'trainings'],
  'tomato-bush': ['gapMm'],
  pea: ['gapMm', 'supportFromMm'],
  cucumber: ['gapMm'],
  melon: ['fruitKg', 'slung', 'gapMm'],
  strawberry: ['seasons'],
};

/** Where each figure of a row comes from. */
export function sourcesOf(crop: Crop): ColumnSources {
  const practice = new Set<CropColumn>([...(PRACTICE['*'] ?? []), ...(PRACTICE[crop.id] ?? [])]);
  const columns = Object.keys(crop) as CropColumn[];
  return Object.fromEntries(
    columns.map((column): [CropColumn, Source] => [column, practice.has(column) ? 'common practice' : 'from memory']),
  ) as ColumnSources;
}

/** How a crop is grown where room is dear, as in a planter: its closest training. */
export const closestTraining = (crop: Crop): Training =>
  crop.trainings.reduce((least, one) => (one.spacingMm < least.spacingMm ? one : least));

/** The training named, or the crop's first where none or another crop's is. */
export function trainingOf(crop: Crop, id: string | undefined): Training {
  const training = crop.trainings.find((one) => one.id === id) ?? crop.trainings[0];
  if (!training) throw new Error(`"${crop.id}" has no training: give the row at least one.`);
  return training;
}
