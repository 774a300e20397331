import { feet, inches } from '../quantity/length';
import {
  AFTER_FROST,
  aphids,
  birds,
  days,
  gap,
  grownOld,
  more,
  slugs,
  spaced,
  standing,
  TWINES,
  whites,
  type Shared,
} from './columns';
import type { Crop } from './crop';

/** Leaf stalks wind round what is thinner than about ½″ (common practice, no source). mm. */
const LEAF_STALKS = { memberMm: inches(1 / 2), stepMm: inches(8) };

const SHOWN = {
  fruitKg: 0,
  slung: 'never',
  underNet: 'no fruit wanted',
} as const;

const CLIMBERS: Shared = {
  ...SHOWN,
  family: 'honeysuckle',
  habit: 'twiner',
  heightMm: feet(13),
  supportToMm: feet(6.5),
  supportFromMm: inches(12),
  gapMm: gap(4, 12),
  grips: TWINES,
  wetKg: 9,
  load: 'medium',
  sun: 'part',
  hardiness: 'hardy',
  sow: { from: -8, to: 4 },
  baseC: 4,
  daysToCrop: days(10, 60),
  years: standing({ firstCropYear: 2, budsWeek: -8, flowersWeek: 6, picksForDays: 50, prunes: 'after-flowering' }),
  pests: [aphids],
  seasons: 20,
};

const ROSES: Shared = {
  ...CLIMBERS,
  family: 'rose',
  habit: 'leaner',
  grips: null,
  supportFromMm: inches(30),
  gapMm: gap(12, 24),
  sun: 'full',
};

const BEDDING: Shared = {
  ...SHOWN,
  family: 'daisy',
  habit: 'leaner',
  heightMm: feet(4),
  supportToMm: feet(3),
  supportFromMm: inches(18),
  gapMm: gap(8, 12),
  grips: null,
  wetKg: 0.5,
  load: 'light',
  sun: 'full',
  hardiness: 'half-hardy',
  sow: AFTER_FROST,
  baseC: 7,
  daysToCrop: days(75, 95),
  pests: [slugs],
  seasons: 1,
};

/** What is grown for its flowers: it is picked, or looked at, while it flowers. */
export const FLOWERS: readonly Crop[] = [
  more(CLIMBERS, 'clematis', 'Clematis', [spaced('vine', 'spread out and tied in', 36)], {
    family: 'buttercup',
    habit: 'tendril-thin',
    grips: LEAF_STALKS,
    heightMm: feet(9),
    gapMm: gap(0, 12),
    wetKg: 4,
    ...grownOld(3),
    years: standing({ firstCropYear: 2, budsWeek: -7, flowersWeek: 6, picksForDays: 60, prunes: 'late-winter' }),
    pests: [slugs],
  }),
  more(CLIMBERS, 'honeysuckle', 'Honeysuckle', [spaced('vine', 'led up and tied', 60)], grownOld(5)),
  more(CLIMBERS, 'jasmine', 'Summer jasmine', [spaced('vine', 'led up and tied', 60)], {
    family: 'olive',
    ...grownOld(3),
    years: standing({ firstCropYear: 2, budsWeek: -6, flowersWeek: 7, picksForDays: 60, prunes: 'after-flowering' }),
  }),
  more(ROSES, 'climbing-rose', 'Rose, climbing', [spaced('fan', 'fanned and tied in', 84)], {
    heightMm: feet(10),
    wetKg: 12,
    ...grownOld(5),
    years: standing({ firstCropYear: 2, budsWeek: -8, flowersWeek: 5, picksForDays: 90, prunes: 'late-winter' }),
  }),
  more(ROSES, 'rambling-rose', 'Rose, rambling', [spaced('fan', 'fanned and tied in', 108)], {
    heightMm: feet(16),
    wetKg: 25,
    ...grownOld(8),
    load: 'heavy',
    years: standing({ firstCropYear: 2, budsWeek: -8, flowersWeek: 6, picksForDays: 30, prunes: 'after-flowering' }),
  }),
  more(CLIMBERS, 'wisteria', 'Wisteria', [spaced('vine', 'one trunk, led over and cut back', 120)], {
    family: 'pea',
    heightMm: feet(30),
    supportToMm: feet(8),
    wetKg: 40,
    ...grownOld(20),
    load: 'heavy',
    sun: 'full',
    years: standing({ firstCropYear: 4, budsWeek: -4, flowersWeek: 2, picksForDays: 21, prunes: 'after-flowering' }),
    seasons: 40,
  }),
  more(BEDDING, 'nasturtium', 'Nasturtium, climbing', [spaced('row', 'sown in a row', 10)], {
    family: 'nasturtium',
    habit: 'tendril-thin',
    grips: LEAF_STALKS,
    heightMm: feet(6),
    supportToMm: feet(5),
    supportFromMm: inches(8),
    gapMm: gap(0, 8),
    daysToCrop: days(50, 65),
    pests: [aphids, whites],
    potLitres: 4,
  }),
  more(BEDDING, 'dahlia', 'Dahlia', [spaced('bush', 'left to bush', 24)], {
    habit: 'bush',
    heightMm: feet(4),
    gapMm: gap(0, 4),
    wetKg: 3,
    load: 'medium',
    hardiness: 'tender',
    daysToCrop: days(80, 110),
    potLitres: 15,
  }),
  more(BEDDING, 'gladiolus', 'Gladiolus', [spaced('row', 'corms in a row', 6)], {
    family: 'iris',
    wetKg: 0.3,
    sow: { from: -2, to: 6 },
    daysToCrop: days(70, 90),
  }),
  more(BEDDING, 'sunflower', 'Sunflower', [spaced('row', 'one stem a place', 18)], {
    heightMm: feet(8),
    supportToMm: feet(5),
    supportFromMm: inches(30),
    gapMm: gap(20, 24),
    wetKg: 2,
    load: 'medium',
    pests: [birds, slugs],
    underNet: 'opens for insects',
  }),
];
