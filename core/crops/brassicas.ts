import { feet } from '../quantity/length';
import {
  BEFORE_FROST,
  days,
  fleaBeetle,
  gap,
  low,
  more,
  pigeons,
  rabbits,
  rootFlies,
  spaced,
  whites,
  type Shared,
} from './columns';
import type { Crop } from './crop';

const BRASSICA: Shared = {
  family: 'cabbage',
  habit: 'none',
  heightMm: feet(2.5),
  supportToMm: 0,
  supportFromMm: feet(2.5),
  gapMm: gap(0, 4),
  grips: null,
  fruitKg: 0,
  slung: 'never',
  wetKg: 1.5,
  load: 'light',
  sun: 'full',
  hardiness: 'hardy',
  sow: BEFORE_FROST,
  baseC: 4,
  daysToCrop: days(60, 90),
  pests: [whites, pigeons],
  underNet: 'no fruit wanted',
  seasons: 1,
};
const head = (apartInches: number) => [spaced('head', 'for full heads', apartInches)];

/** The cabbage family above the ground: nets hold off what flies at it. */
export const BRASSICAS: readonly Crop[] = [
  more(BRASSICA, 'cabbage', 'Cabbage', head(18), {
    ...low(2),
    wetKg: 2,
    daysToCrop: days(70, 120),
    pests: [whites, rabbits],
  }),
  more(BRASSICA, 'kale', 'Kale', [spaced('row', 'picked leaf by leaf', 18)], {
    sun: 'part',
    daysToCrop: days(55, 75),
    pests: [whites, rabbits, pigeons],
    potLitres: 12,
  }),
  more(BRASSICA, 'broccoli', 'Broccoli', head(18)),
  more(BRASSICA, 'cauliflower', 'Cauliflower', head(20), { ...low(2), wetKg: 2 }),
  more(BRASSICA, 'sprouts', 'Brussels sprouts', [spaced('row', 'in a row', 24)], {
    ...low(3),
    wetKg: 2.5,
    daysToCrop: days(110, 150),
  }),
  more(BRASSICA, 'kohlrabi', 'Kohlrabi', [spaced('row', 'in a row', 8)], {
    ...low(1.25),
    sun: 'part',
    wetKg: 0.5,
    daysToCrop: days(50, 65),
    pests: [whites, fleaBeetle],
    potLitres: 3,
  }),
  more(BRASSICA, 'pak-choi', 'Pak choi', [spaced('row', 'in a row', 8)], {
    ...low(1.25),
    sun: 'part',
    wetKg: 0.5,
    hardiness: 'half-hardy',
    daysToCrop: days(45, 55),
    pests: [fleaBeetle, whites],
    potLitres: 2.5,
  }),
  more(BRASSICA, 'rocket', 'Rocket', [spaced('row', 'cut and come again', 6)], {
    ...low(1),
    sun: 'part',
    wetKg: 0.1,
    daysToCrop: days(35, 45),
    pests: [fleaBeetle],
    potLitres: 1,
  }),
  more(BRASSICA, 'swede', 'Swede', [spaced('row', 'thinned in a row', 9)], {
    ...low(1.5),
    wetKg: 1.2,
    daysToCrop: days(90, 120),
    pests: [rootFlies, fleaBeetle],
  }),
];
