import { feet, inches } from '../quantity/length';
import { spaced, gap, days, AFTER_FROST, birds, slugs, rabbits } from './columns';
import type { Crop } from './crop';

const TOMATO_TRAININGS = [
  spaced('two-leaders', 'pruned to one or two leaders', 20, true),
  { ...spaced('one-stem', 'one stem on its own string', 12, true), bestOn: 'string' as const },
  { ...spaced('unpruned', 'left to bush', 30), bestOn: 'mesh' as const },
];

/** What has to be tied, clipped or wound. */
export const LEANERS: readonly Crop[] = [
  {
    id: 'tomato',
    name: 'Tomato, indeterminate',
    family: 'nightshade',
    habit: 'leaner',
    heightMm: feet(8),
    supportToMm: feet(6),
    supportFromMm: inches(24),
    gapMm: gap(20, 24),
    grips: null,
    trainings: TOMATO_TRAININGS,
    fruitKg: 0.15,
    slung: 'never',
    wetKg: 9,
    load: 'heavy',
    sun: 'full',
    hardiness: 'tender',
    sow: AFTER_FROST,
    baseC: 8,
    daysToCrop: days(65, 90),
    pests: [birds, slugs],
    underNet: 'sets by itself',
    seasons: 1,
  },
  {
    id: 'sweet-potato',
    name: 'Sweet potato, tops led up',
    family: 'bindweed',
    habit: 'leaner',
    heightMm: feet(6),
    supportToMm: feet(4),
    supportFromMm: inches(12),
    gapMm: gap(8, 12),
    grips: null,
    trainings: [spaced('slips', 'slips in a row', 12)],
    fruitKg: 0,
    slung: 'never',
    wetKg: 2,
    load: 'medium',
    sun: 'full',
    hardiness: 'tender',
    sow: AFTER_FROST,
    baseC: 13,
    daysToCrop: days(90, 120),
    pests: [rabbits],
    underNet: 'no fruit wanted',
    seasons: 1,
  },
];
