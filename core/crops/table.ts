import type { Source } from '../catalogue/stock';
import { feet, inches } from '../quantity/length';
import type { ColumnSources, Crop, CropColumn, Training } from './crop';

/**
 * The crop table. Lengths mm, masses kg. Where no other source is given for a column of a row in
 * {@link PRACTICE}, the figure is from memory: a gardener's round number, to be corrected with your own.
 */

const spaced = (id: string, name: string, spacingInches: number, pruned = false): Training => ({
  id, name, spacingMm: inches(spacingInches), pruned,
});
const gap = (leastInches: number, mostInches: number) => ({ least: inches(leastInches), most: inches(mostInches) });
const days = (least: number, most: number) => ({ least, most });
const BEFORE_FROST = { from: -6, to: 2 };
const AROUND_FROST = { from: -3, to: 6 };
const AFTER_FROST = { from: 1, to: 6 };
const TENDRIL_THIN = { memberMm: inches(1 / 4), stepMm: inches(3) };
const TENDRIL_STRONG = { memberMm: inches(1), stepMm: inches(8) };
const TWINES = { memberMm: inches(2), stepMm: inches(12) };

const birds = { pest: 'birds', barrier: '¾″ (19 mm) net, taut, off the plants' };
const slugs = { pest: 'slugs', barrier: 'bare, dry margin; hand picking' };
const aphids = { pest: 'aphids', barrier: 'water jet; leave the ladybirds' };
const beetles = { pest: 'striped beetles', barrier: '1/32–1/20″ (0.8–1.3 mm) net until flowering' };
const whites = { pest: 'cabbage butterflies', barrier: '¼″ (7 mm) net or finer, not touching the leaves' };
const fleaBeetle = { pest: 'flea beetles', barrier: '1/32–1/20″ (0.8–1.3 mm) net' };
const rabbits = { pest: 'rabbits', barrier: '1″ (25 mm) mesh 2–3′ (600–900 mm) high with an apron' };

const TOMATO_TRAININGS = [
  spaced('two-leaders', 'pruned to one or two leaders', 20, true),
  { ...spaced('one-stem', 'one stem on its own string', 12, true), bestOn: 'string' as const },
  { ...spaced('unpruned', 'left to bush', 30), bestOn: 'mesh' as const },
];

const FIRST_CROPS: readonly Crop[] = [
  {
    id: 'tomato', name: 'Tomato, indeterminate', family: 'nightshade', habit: 'leaner', heightMm: feet(8), supportToMm: feet(6), supportFromMm: inches(24),
    gapMm: gap(20, 24), grips: null, trainings: TOMATO_TRAININGS, fruitKg: 0.15, slung: 'never', wetKg: 9, load: 'heavy', sun: 'full', hardiness: 'tender',
    sow: AFTER_FROST, daysToCrop: days(65, 90), pests: [birds, slugs], underNet: 'sets by itself', seasons: 1,
  },
  {
    id: 'tomato-bush', name: 'Tomato, bush', family: 'nightshade', habit: 'bush', heightMm: feet(4), supportToMm: feet(3.5), supportFromMm: inches(10),
    gapMm: gap(0, 4), grips: null, trainings: [spaced('bush', 'left to bush', 24)], fruitKg: 0.12, slung: 'never', wetKg: 6, load: 'medium', sun: 'full',
    hardiness: 'tender', sow: AFTER_FROST, daysToCrop: days(60, 75), pests: [birds, slugs], underNet: 'sets by itself', seasons: 1,
  },
  {
    id: 'pea', name: 'Pea, tall', family: 'pea', habit: 'tendril-thin', heightMm: feet(5), supportToMm: feet(5), supportFromMm: inches(4),
    gapMm: gap(0, 4), grips: TENDRIL_THIN, trainings: [spaced('row', 'sown in a row', 3)], fruitKg: 0.01, slung: 'never', wetKg: 0.4, load: 'light', sun: 'full',
    hardiness: 'hardy', sow: BEFORE_FROST, daysToCrop: days(60, 75), pests: [birds, rabbits], underNet: 'sets by itself', seasons: 1,
  },
  {
    id: 'sweet-pea', name: 'Sweet pea', family: 'pea', habit: 'tendril-thin', heightMm: feet(6), supportToMm: feet(6), supportFromMm: inches(4),
    gapMm: gap(0, 4), grips: TENDRIL_THIN, trainings: [spaced('row', 'two to a place', 6)], fruitKg: 0, slung: 'never', wetKg: 0.4, load: 'light', sun: 'full',
    hardiness: 'hardy', sow: BEFORE_FROST, daysToCrop: days(85, 110), pests: [slugs, aphids], underNet: 'no fruit wanted', seasons: 1,
  },
  {
    id: 'cucumber', name: 'Cucumber, climbing', family: 'gourd', habit: 'tendril-strong', heightMm: feet(6), supportToMm: feet(6), supportFromMm: inches(12),
    gapMm: gap(8, 12), grips: TENDRIL_STRONG, trainings: [spaced('vine', 'one main vine', 12, true), spaced('free', 'left to branch', 18)], fruitKg: 0.35, slung: 'never',
    wetKg: 5, load: 'heavy', sun: 'full', hardiness: 'tender', sow: AFTER_FROST, daysToCrop: days(50, 70), pests: [beetles], underNet: 'opens for insects', seasons: 1,
  },
  {
    id: 'melon', name: 'Melon, small', family: 'gourd', habit: 'tendril-strong', heightMm: feet(6), supportToMm: feet(6), supportFromMm: inches(12),
    gapMm: gap(8, 12), grips: TENDRIL_STRONG, trainings: [spaced('vine', 'one main vine', 18, true)], fruitKg: 0.9, slung: 'large fruit', wetKg: 7, load: 'heavy',
    sun: 'full', hardiness: 'tender', sow: AFTER_FROST, daysToCrop: days(75, 95), pests: [beetles], underNet: 'opens for insects', seasons: 1,
  },
  {
    id: 'squash', name: 'Winter squash, small-fruited', family: 'gourd', habit: 'tendril-strong', heightMm: feet(10), supportToMm: feet(6.5), supportFromMm: inches(12),
    gapMm: gap(8, 12), grips: TENDRIL_STRONG, trainings: [spaced('vine', 'led up and tied', 30)], fruitKg: 1.4, slung: 'always', wetKg: 12, load: 'heavy', sun: 'full',
    hardiness: 'tender', sow: AFTER_FROST, daysToCrop: days(90, 110), pests: [beetles], underNet: 'opens for insects', seasons: 1,
  },
  {
    id: 'pole-bean', name: 'Pole bean', family: 'pea', habit: 'twiner', heightMm: feet(8), supportToMm: feet(6.5), supportFromMm: inches(10),
    gapMm: gap(4, 12), grips: TWINES, trainings: [spaced('single', 'one plant a place', 6)], fruitKg: 0.01, slung: 'never', wetKg: 1.2, load: 'medium', sun: 'full',
    hardiness: 'tender', sow: AFTER_FROST, daysToCrop: days(60, 75), pests: [rabbits, slugs], underNet: 'sets by itself', seasons: 1,
  },
  {
    id: 'runner-bean', name: 'Runner bean', family: 'pea', habit: 'twiner', heightMm: feet(8), supportToMm: feet(7), supportFromMm: inches(10),
    gapMm: gap(4, 12), grips: TWINES, trainings: [spaced('single', 'one plant a place', 8)], fruitKg: 0.02, slung: 'never', wetKg: 1.5, load: 'medium', sun: 'full',
    hardiness: 'tender', sow: AFTER_FROST, daysToCrop: days(65, 80), pests: [slugs], underNet: 'opens for insects', seasons: 1,
  },
  {
    id: 'yardlong-bean', name: 'Yardlong bean', family: 'pea', habit: 'twiner', heightMm: feet(9), supportToMm: feet(7), supportFromMm: inches(10),
    gapMm: gap(4, 12), grips: TWINES, trainings: [spaced('single', 'one plant a place', 8)], fruitKg: 0.03, slung: 'never', wetKg: 1.3, load: 'medium', sun: 'full',
    hardiness: 'tender', sow: AFTER_FROST, daysToCrop: days(70, 85), pests: [aphids], underNet: 'sets by itself', seasons: 1,
  },
  {
    id: 'malabar-spinach', name: 'Malabar spinach', family: 'basella', habit: 'twiner', heightMm: feet(8), supportToMm: feet(6), supportFromMm: inches(12),
    gapMm: gap(4, 12), grips: TWINES, trainings: [spaced('vine', 'led up and picked', 12)], fruitKg: 0, slung: 'never', wetKg: 2, load: 'medium', sun: 'full',
    hardiness: 'tender', sow: AFTER_FROST, daysToCrop: days(55, 70), pests: [slugs], underNet: 'no fruit wanted', seasons: 1,
  },
  {
    id: 'hop', name: 'Hop', family: 'hemp', habit: 'twiner', heightMm: feet(16), supportToMm: feet(10), supportFromMm: inches(12),
    gapMm: gap(4, 12), grips: TWINES, trainings: [spaced('bine', 'two bines a string', 36, true)], fruitKg: 0, slung: 'never', wetKg: 6, load: 'medium', sun: 'full',
    hardiness: 'hardy', sow: BEFORE_FROST, daysToCrop: days(110, 130), pests: [aphids], underNet: 'no fruit wanted', seasons: 12,
  },
  {
    id: 'raspberry', name: 'Raspberry', family: 'rose', habit: 'leaner', heightMm: feet(6), supportToMm: feet(5), supportFromMm: inches(30),
    gapMm: gap(20, 24), grips: null, trainings: [spaced('canes', 'canes tied in', 18, true)], fruitKg: 0.004, slung: 'never', wetKg: 2.5, load: 'medium', sun: 'full',
    hardiness: 'hardy', sow: BEFORE_FROST, daysToCrop: days(365, 730), pests: [birds], underNet: 'opens for insects', seasons: 10,
  },
  {
    id: 'sweet-potato', name: 'Sweet potato, tops led up', family: 'bindweed', habit: 'leaner', heightMm: feet(6), supportToMm: feet(4), supportFromMm: inches(12),
    gapMm: gap(8, 12), grips: null, trainings: [spaced('slips', 'slips in a row', 12)], fruitKg: 0, slung: 'never', wetKg: 2, load: 'medium', sun: 'full',
    hardiness: 'tender', sow: AFTER_FROST, daysToCrop: days(90, 120), pests: [rabbits], underNet: 'no fruit wanted', seasons: 1,
  },
  {
    id: 'pepper', name: 'Pepper', family: 'nightshade', habit: 'bush', heightMm: feet(3), supportToMm: feet(2.5), supportFromMm: inches(8),
    gapMm: gap(0, 4), grips: null, trainings: [spaced('bush', 'left to bush', 18)], fruitKg: 0.15, slung: 'never', wetKg: 2.5, load: 'medium', sun: 'full',
    hardiness: 'tender', sow: AFTER_FROST, daysToCrop: days(65, 85), pests: [aphids], underNet: 'sets by itself', seasons: 1,
  },
  {
    id: 'aubergine', name: 'Aubergine', family: 'nightshade', habit: 'bush', heightMm: feet(3.5), supportToMm: feet(3), supportFromMm: inches(8),
    gapMm: gap(0, 4), grips: null, trainings: [spaced('bush', 'left to bush', 24)], fruitKg: 0.3, slung: 'never', wetKg: 3.5, load: 'medium', sun: 'full',
    hardiness: 'tender', sow: AFTER_FROST, daysToCrop: days(70, 85), pests: [fleaBeetle], underNet: 'sets by itself', seasons: 1,
  },
  {
    id: 'bush-bean', name: 'Bush bean', family: 'pea', habit: 'bush', heightMm: feet(1.75), supportToMm: feet(1.5), supportFromMm: inches(8),
    gapMm: gap(0, 4), grips: null, trainings: [spaced('row', 'sown in a row', 4)], fruitKg: 0.01, slung: 'never', wetKg: 0.5, load: 'medium', sun: 'full',
    hardiness: 'tender', sow: AFTER_FROST, daysToCrop: days(50, 60), pests: [rabbits], underNet: 'sets by itself', seasons: 1,
  },
  {
    id: 'cabbage', name: 'Cabbage and kale', family: 'cabbage', habit: 'none', heightMm: feet(2), supportToMm: 0, supportFromMm: feet(2),
    gapMm: gap(0, 4), grips: null, trainings: [spaced('head', 'for full heads', 18)], fruitKg: 0, slung: 'never', wetKg: 2, load: 'light', sun: 'part',
    hardiness: 'hardy', sow: BEFORE_FROST, daysToCrop: days(70, 120), pests: [whites, rabbits], underNet: 'no fruit wanted', seasons: 1,
  },
  {
    id: 'lettuce', name: 'Lettuce', family: 'daisy', habit: 'none', heightMm: feet(1), supportToMm: 0, supportFromMm: feet(1),
    gapMm: gap(0, 4), grips: null, trainings: [spaced('head', 'for heads', 10)], fruitKg: 0, slung: 'never', wetKg: 0.4, load: 'light', sun: 'part',
    hardiness: 'half-hardy', sow: AROUND_FROST, daysToCrop: days(45, 70), pests: [slugs, rabbits], underNet: 'no fruit wanted', seasons: 1,
  },
  {
    id: 'strawberry', name: 'Strawberry', family: 'rose', habit: 'none', heightMm: feet(1), supportToMm: 0, supportFromMm: feet(1),
    gapMm: gap(0, 4), grips: null, trainings: [spaced('row', 'matted row', 12)], fruitKg: 0.02, slung: 'never', wetKg: 0.5, load: 'light', sun: 'full',
    hardiness: 'hardy', sow: BEFORE_FROST, daysToCrop: days(90, 120), pests: [birds, slugs], underNet: 'opens for insects', seasons: 3,
  },
  {
    id: 'carrot', name: 'Carrot', family: 'parsley', habit: 'none', heightMm: feet(1), supportToMm: 0, supportFromMm: feet(1),
    gapMm: gap(0, 4), grips: null, trainings: [spaced('row', 'thinned', 2)], fruitKg: 0, slung: 'never', wetKg: 0.15, load: 'light', sun: 'full',
    hardiness: 'hardy', sow: BEFORE_FROST, daysToCrop: days(70, 90), pests: [{ pest: 'carrot fly', barrier: '1/32–1/20″ (0.8–1.3 mm) net' }], underNet: 'no fruit wanted', seasons: 1,
  },
];

/** More crops, by what they share: only what differs from the group is said. */
const more = (group: Omit<Crop, 'id' | 'name' | 'trainings'>, id: string, name: string, trainings: readonly Training[], own: Partial<Crop> = {}): Crop => ({ ...group, id, name, trainings, ...own });

const GOURDS: Omit<Crop, 'id' | 'name' | 'trainings'> = {
  family: 'gourd', habit: 'tendril-strong', heightMm: feet(10), supportToMm: feet(6.5), supportFromMm: inches(12), gapMm: gap(8, 12), grips: TENDRIL_STRONG, fruitKg: 0.5, slung: 'large fruit',
  wetKg: 8, load: 'heavy', sun: 'full', hardiness: 'tender', sow: AFTER_FROST, daysToCrop: days(80, 110), pests: [beetles], underNet: 'opens for insects', seasons: 1,
};
const TWINERS: Omit<Crop, 'id' | 'name' | 'trainings'> = {
  family: 'pea', habit: 'twiner', heightMm: feet(8), supportToMm: feet(6.5), supportFromMm: inches(10), gapMm: gap(4, 12), grips: TWINES, fruitKg: 0.01, slung: 'never', wetKg: 1.2, load: 'medium',
  sun: 'full', hardiness: 'tender', sow: AFTER_FROST, daysToCrop: days(65, 90), pests: [rabbits, slugs], underNet: 'sets by itself', seasons: 1,
};
const BUSHES: Omit<Crop, 'id' | 'name' | 'trainings'> = {
  family: 'nightshade', habit: 'bush', heightMm: feet(3), supportToMm: feet(2.5), supportFromMm: inches(8), gapMm: gap(0, 4), grips: null, fruitKg: 0.06, slung: 'never', wetKg: 3, load: 'medium',
  sun: 'full', hardiness: 'tender', sow: AFTER_FROST, daysToCrop: days(60, 85), pests: [aphids, slugs], underNet: 'sets by itself', seasons: 1,
};
const CANES: Omit<Crop, 'id' | 'name' | 'trainings'> = {
  family: 'rose', habit: 'leaner', heightMm: feet(8), supportToMm: feet(5.5), supportFromMm: inches(30), gapMm: gap(20, 24), grips: null, fruitKg: 0.005, slung: 'never', wetKg: 5, load: 'medium',
  sun: 'full', hardiness: 'hardy', sow: BEFORE_FROST, daysToCrop: days(365, 730), pests: [birds], underNet: 'opens for insects', seasons: 12,
};
const GROUND: Omit<Crop, 'id' | 'name' | 'trainings'> = {
  family: 'beet', habit: 'none', heightMm: feet(1.5), supportToMm: 0, supportFromMm: feet(1.5), gapMm: gap(0, 4), grips: null, fruitKg: 0, slung: 'never', wetKg: 0.6, load: 'light',
  sun: 'part', hardiness: 'hardy', sow: BEFORE_FROST, daysToCrop: days(50, 70), pests: [slugs], underNet: 'no fruit wanted', seasons: 1,
};
const inRow = (spacingInches: number): Training[] => [spaced('row', 'thinned in a row', spacingInches)];

const MORE_CROPS: readonly Crop[] = [
  more(GOURDS, 'gourd', 'Ornamental gourd', [spaced('vine', 'led up', 24)], { fruitKg: 0.4, wetKg: 6 }),
  more(GOURDS, 'bitter-melon', 'Bitter melon', [spaced('vine', 'led up', 18)], { fruitKg: 0.2, slung: 'never', wetKg: 5, daysToCrop: days(60, 80) }),
  more(GOURDS, 'watermelon', 'Watermelon, icebox', [spaced('vine', 'one main vine', 24, true)], { fruitKg: 3, slung: 'always', wetKg: 12 }),
  more(GOURDS, 'pumpkin', 'Pumpkin, pie-sized', [spaced('vine', 'led up and tied', 36)], { fruitKg: 2, slung: 'always', wetKg: 14, daysToCrop: days(95, 115) }),
  more(GOURDS, 'courgette', 'Courgette, trailing', [spaced('vine', 'one stem, tied', 24, true)], { heightMm: feet(5), supportToMm: feet(4), fruitKg: 0.3, slung: 'never', wetKg: 6, daysToCrop: days(50, 65) }),
  more(TWINERS, 'lima-bean', 'Lima bean, pole', [spaced('single', 'one plant a place', 8)], { daysToCrop: days(80, 95) }),
  more(TWINERS, 'hyacinth-bean', 'Hyacinth bean', [spaced('single', 'one plant a place', 12)], { heightMm: feet(10), supportToMm: feet(7) }),
  more(TWINERS, 'morning-glory', 'Morning glory', [spaced('single', 'one plant a place', 8)], { family: 'bindweed', wetKg: 0.8, load: 'light', underNet: 'no fruit wanted' }),
  more(TWINERS, 'hardy-kiwi', 'Hardy kiwi', [spaced('vine', 'one trunk, two arms', 96, true)], { family: 'kiwi', heightMm: feet(20), supportToMm: feet(6.5), wetKg: 30, load: 'heavy', hardiness: 'hardy', sow: BEFORE_FROST, daysToCrop: days(1000, 1500), underNet: 'opens for insects', seasons: 25, pests: [birds] }),
  more(BUSHES, 'tomatillo', 'Tomatillo', [spaced('bush', 'left to bush', 30)], { heightMm: feet(4), supportToMm: feet(3.5), wetKg: 5, underNet: 'opens for insects' }),
  more(BUSHES, 'broad-bean', 'Broad bean', [spaced('row', 'double row', 8)], { family: 'pea', heightMm: feet(4), supportToMm: feet(3), hardiness: 'hardy', sow: BEFORE_FROST, wetKg: 1.2, underNet: 'opens for insects' }),
  more(BUSHES, 'okra', 'Okra', [spaced('row', 'in a row', 15)], { family: 'mallow', heightMm: feet(5), supportToMm: feet(3) }),
  more(CANES, 'blackberry', 'Blackberry', [spaced('fan', 'fanned and tied in', 60, true)], { heightMm: feet(10), wetKg: 8 }),
  more(CANES, 'grape', 'Grape vine', [spaced('arms', 'one trunk, two arms', 72, true)], { family: 'vine', heightMm: feet(15), supportToMm: feet(6), wetKg: 15, load: 'heavy', seasons: 25, underNet: 'sets by itself' }),
  more(GROUND, 'chard', 'Chard', inRow(10)),
  more(GROUND, 'beetroot', 'Beetroot', inRow(4), { wetKg: 0.4 }),
  more(GROUND, 'onion', 'Onion', inRow(4), { family: 'onion', sun: 'full', wetKg: 0.25, daysToCrop: days(90, 120) }),
  more(GROUND, 'radish', 'Radish', inRow(2), { family: 'cabbage', wetKg: 0.05, daysToCrop: days(25, 35), pests: [fleaBeetle] }),
];

export const CROPS: readonly Crop[] = [...FIRST_CROPS, ...MORE_CROPS];

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
  return Object.fromEntries(columns.map((column): [CropColumn, Source] => [column, practice.has(column) ? 'common practice' : 'from memory'])) as ColumnSources;
}

/** The training named, or the crop's first where none or another crop's is. */
export function trainingOf(crop: Crop, id: string | undefined): Training {
  const training = crop.trainings.find((one) => one.id === id) ?? crop.trainings[0];
  if (!training) throw new Error(`"${crop.id}" has no training: give the row at least one.`);
  return training;
}
