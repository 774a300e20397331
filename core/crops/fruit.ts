import { feet, inches } from '../quantity/length';
import {
  BEFORE_FROST,
  birds,
  days,
  gap,
  grownOld,
  low,
  more,
  spaced,
  spottedWing,
  standing,
  diesBack,
  TENDRIL_STRONG,
  TWINES,
  type Shared,
} from './columns';
import type { Crop, Training } from './crop';

const CANES: Shared = {
  family: 'rose',
  habit: 'leaner',
  heightMm: feet(8),
  supportToMm: feet(5.5),
  supportFromMm: inches(30),
  gapMm: gap(20, 24),
  grips: null,
  fruitKg: 0.005,
  slung: 'never',
  wetKg: 5,
  load: 'medium',
  sun: 'full',
  hardiness: 'hardy',
  sow: BEFORE_FROST,
  baseC: 5,
  daysToCrop: days(45, 70),
  years: standing({ firstCropYear: 2, budsWeek: -6, flowersWeek: 7.5, picksForDays: 35, prunes: 'fruited-canes' }),
  pests: [birds],
  underNet: 'opens for insects',
  seasons: 12,
};

const VINES: Shared = {
  ...CANES,
  family: 'vine',
  habit: 'tendril-strong',
  grips: TENDRIL_STRONG,
  supportToMm: feet(6),
  load: 'heavy',
  seasons: 25,
};

const BUSH_FRUIT: Shared = {
  ...CANES,
  family: 'currant',
  habit: 'none',
  heightMm: feet(5),
  supportToMm: 0,
  supportFromMm: feet(5),
  gapMm: gap(0, 4),
  wetKg: 4,
  load: 'light',
  baseC: 4,
  daysToCrop: days(65, 80),
  years: standing({ firstCropYear: 2, budsWeek: -8, flowersWeek: -3, picksForDays: 21, prunes: 'winter' }),
};
const aBush = (apartFeet: number): Training[] => [spaced('bush', 'a bush a place', apartFeet * 12)];

const TREE: Shared = {
  ...CANES,
  heightMm: feet(7),
  supportToMm: feet(6),
  supportFromMm: inches(15),
  gapMm: gap(12, 15),
  fruitKg: 0.15,
  wetKg: 30,
  load: 'heavy',
  baseC: 4,
  daysToCrop: days(100, 150),
  years: standing({ firstCropYear: 3, budsWeek: -4, flowersWeek: -1, picksForDays: 21, prunes: 'winter' }),
  seasons: 25,
};
const onWires = (id: string, name: string, apartInches: number): Training => ({
  ...spaced(id, name, apartInches, true),
  onWires: true,
});
const IN_TIERS = [onWires('espalier', 'an espalier', 144), onWires('cordon', 'a cordon at 45°', 30)];
const AS_FAN = [onWires('fan', 'a fan', 180)];

/** Fruit that is planted once: on canes, on bushes, on vines, and on trees that are trained flat. */
export const FRUIT: readonly Crop[] = [
  more(CANES, 'raspberry', 'Raspberry', [spaced('canes', 'canes tied in', 18, true)], {
    heightMm: feet(6),
    supportToMm: feet(5),
    fruitKg: 0.004,
    wetKg: 2.5,
    baseC: 4,
    daysToCrop: days(30, 45),
    years: standing({ firstCropYear: 2, budsWeek: -6, flowersWeek: 5, picksForDays: 30, prunes: 'fruited-canes' }),
    seasons: 10,
  }),
  more(CANES, 'autumn-raspberry', 'Raspberry, autumn', [spaced('canes', 'canes between wires', 18)], {
    heightMm: feet(5),
    supportToMm: feet(4.5),
    fruitKg: 0.004,
    wetKg: 2,
    baseC: 4,
    daysToCrop: days(35, 50),
    years: diesBack({ firstCropYear: 1, budsWeek: -5, flowersWeek: 9, picksForDays: 50, prunes: 'all-canes' }),
    pests: [birds, spottedWing],
    seasons: 10,
  }),
  more(CANES, 'blackberry', 'Blackberry', [spaced('fan', 'fanned and tied in', 60, true)], {
    heightMm: feet(10),
    wetKg: 8,
  }),
  more(CANES, 'loganberry', 'Loganberry and tayberry', [spaced('fan', 'fanned and tied in', 72, true)], {
    wetKg: 6,
    daysToCrop: days(40, 55),
    years: standing({ firstCropYear: 2, budsWeek: -6, flowersWeek: 5.5, picksForDays: 30, prunes: 'fruited-canes' }),
  }),
  more(VINES, 'grape', 'Grape vine', [spaced('arms', 'one trunk, two arms', 72, true)], {
    heightMm: feet(15),
    wetKg: 15,
    ...grownOld(10),
    baseC: 10,
    daysToCrop: days(90, 120),
    years: standing({ firstCropYear: 3, budsWeek: -1, flowersWeek: 5, picksForDays: 30, prunes: 'winter' }),
    underNet: 'sets by itself',
  }),
  more(VINES, 'hardy-kiwi', 'Hardy kiwi', [spaced('vine', 'one trunk, two arms', 96, true)], {
    family: 'kiwi',
    habit: 'twiner',
    grips: TWINES,
    heightMm: feet(20),
    supportToMm: feet(6.5),
    supportFromMm: inches(10),
    gapMm: gap(4, 12),
    fruitKg: 0.01,
    wetKg: 30,
    ...grownOld(15),
    baseC: 8,
    daysToCrop: days(110, 130),
    years: standing({ firstCropYear: 4, budsWeek: -3, flowersWeek: 5, picksForDays: 21, prunes: 'winter' }),
  }),
  more(VINES, 'passionfruit', 'Passionfruit', [spaced('vine', 'led up and out', 96, true)], {
    family: 'passionflower',
    heightMm: feet(15),
    fruitKg: 0.06,
    wetKg: 12,
    ...grownOld(5),
    load: 'medium',
    hardiness: 'half-hardy',
    baseC: 10,
    daysToCrop: days(70, 90),
    years: standing({ firstCropYear: 2, budsWeek: -2, flowersWeek: 5, picksForDays: 40, prunes: 'late-winter' }),
    seasons: 6,
  }),
  more(BUSH_FRUIT, 'blueberry', 'Blueberry', aBush(4), {
    family: 'heath',
    daysToCrop: days(60, 90),
    years: standing({ firstCropYear: 3, budsWeek: -6, flowersWeek: -1, picksForDays: 35, prunes: 'winter' }),
    pests: [birds, spottedWing],
    seasons: 20,
    potLitres: 40,
  }),
  more(BUSH_FRUIT, 'blackcurrant', 'Blackcurrant', aBush(5)),
  more(BUSH_FRUIT, 'redcurrant', 'Red and white currant', aBush(4.5), { ...low(4.5) }),
  more(BUSH_FRUIT, 'gooseberry', 'Gooseberry', aBush(4.5), {
    ...low(4),
    daysToCrop: days(70, 90),
    years: standing({ firstCropYear: 2, budsWeek: -8, flowersWeek: -4, picksForDays: 21, prunes: 'winter' }),
  }),
  more(TREE, 'apple', 'Apple, trained flat', IN_TIERS),
  more(TREE, 'pear', 'Pear, trained flat', IN_TIERS, {
    years: standing({ firstCropYear: 4, budsWeek: -5, flowersWeek: -2, picksForDays: 21, prunes: 'winter' }),
    daysToCrop: days(110, 140),
  }),
  more(TREE, 'plum', 'Plum, trained flat', AS_FAN, {
    fruitKg: 0.05,
    years: standing({ firstCropYear: 4, budsWeek: -5, flowersWeek: -3, picksForDays: 14, prunes: 'after-picking' }),
    daysToCrop: days(100, 120),
  }),
  more(TREE, 'cherry', 'Cherry, trained flat', AS_FAN, {
    fruitKg: 0.01,
    years: standing({ firstCropYear: 4, budsWeek: -5, flowersWeek: -3, picksForDays: 14, prunes: 'after-picking' }),
    daysToCrop: days(60, 75),
  }),
  more(TREE, 'peach', 'Peach, trained flat', AS_FAN, {
    years: standing({ firstCropYear: 3, budsWeek: -6, flowersWeek: -5, picksForDays: 14, prunes: 'after-picking' }),
    daysToCrop: days(110, 130),
  }),
];
