import { leadPlant } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import type { Knobs, Values } from '../../knob';
import { reachOverBed, rowKnobs, stationsKnob } from '../../rules/row';
import { perMarket, wholeStep } from '../../rules/tidy';
import type { BedSetting } from '../../setting';

export const STICK = 'stick-twiggy';

/** Sticks lean to and fro along the row, so that their twigs catch in each other (from memory). Radians. */
export const LEAN_RAD = (8 * Math.PI) / 180;

/** The highest that sticks on sale stand when they are pushed in and lean, and as one reaches. mm. */
export const mostHigh = (setting: BedSetting, pushInMm: number): number =>
  Math.min(
    feet(6),
    reachOverBed(setting),
    ((setting.sizesOf(STICK).at(-1) ?? feet(6)) - pushInMm) * Math.cos(LEAN_RAD),
  );

/** Twiggy sticks pushed in along a row, a hand and a half deep, a hand apart, their twigs through each other; peas sown on both sides of them (common practice, no source; figures from memory). */
export const BRUSHWOOD_KNOBS = {
  ...rowKnobs(60, 'From the first stick to the last, by a tape laid on the soil.'),
  ...stationsKnob('inset'),
  pushIn: {
    type: 'length',
    label: 'Pushed in',
    group: 'Sticks',
    min: inches(4),
    max: inches(18),
    help: 'Pointed, into a hole made with a bar where the soil is hard.',
    suggest: (setting) => ({ value: perMarket(setting.market, 8, 200), why: fact('push.hand') }),
  },
  height: {
    type: 'length',
    label: 'Height',
    group: 'Sticks',
    min: inches(12),
    max: feet(6),
    help: 'Over the soil; what stands out of line is cut level.',
    suggest: (setting, set) => {
      const wants = leadPlant(setting)?.crop.supportToMm || feet(4);
      const most = wholeStep(mostHigh(setting, Number(set.pushIn)), setting.market);
      return wants > most
        ? { value: Math.max(inches(12), most), why: fact('height.sticks') }
        : { value: Math.max(inches(12), wholeStep(wants, setting.market)), why: fact('height.crop') };
    },
  },
  every: {
    type: 'length',
    label: 'A stick every',
    group: 'Sticks',
    min: inches(3),
    max: inches(18),
    help: 'Along the row; their twigs have to reach each other.',
    suggest: (setting) => ({ value: perMarket(setting.market, 6, 150), why: fact('every.hand') }),
  },
  beside: {
    type: 'length',
    label: 'Plants from the sticks',
    group: 'Sticks',
    min: inches(1),
    max: inches(8),
    help: 'A row on either side of them.',
    suggest: (setting) => ({ value: perMarket(setting.market, 3, 75), why: fact('beside.near') }),
  },
} as const satisfies Knobs<BedSetting>;

export type BrushwoodValues = Values<typeof BRUSHWOOD_KNOBS>;
