import { timberId } from '../../../catalogue/timber';
import { leadPlant } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import { LEAST_DRIVEN_MM } from '../../../statics/embedment';
import { fact } from '../../../wording/say';
import type { Knobs, Settled, Values } from '../../knob';
import { drivenDepth, suggestDepth } from '../../rules/depth';
import { reachOverBed, rowKnobs, stationsKnob } from '../../rules/row';
import { perMarket, tidy, wholeStep } from '../../rules/tidy';
import { sectionKnob, treatmentKnob } from '../../rules/timber-knobs';
import type { BedSetting } from '../../setting';

const sizesOf = (setting: BedSetting, set: Settled): readonly number[] =>
  setting.sizesOf(timberId(String(set.section), String(set.treatment)));

/** As high as the longest stake on sale stands when it is deep enough, and as one reaches. mm. */
export const mostHeight = (setting: BedSetting, set: Settled): number => {
  const deep = suggestDepth(setting, LEAST_DRIVEN_MM, drivenDepth(setting)).value;
  return Math.min(feet(8), reachOverBed(setting), (sizesOf(setting, set).at(-1) ?? Infinity) - deep);
};

/** A stake beside every plant, or one between several; tied every 8 to 12″ as it grows (common practice, no source). */
export const STAKE_KNOBS = {
  ...rowKnobs(60, 'The stretch of bed that the staked plants fill, by a tape laid on the soil.'),
  ...stationsKnob('inset'),
  each: {
    type: 'count',
    label: 'Plants to a stake',
    group: 'Stakes',
    min: 1,
    max: 3,
    help: 'One beside each plant; between two or three that stand close where they are light.',
    suggest: () => ({ value: 1, why: fact('each.one') }),
  },
  height: {
    type: 'length',
    label: 'Top of the stakes',
    group: 'Stakes',
    min: feet(1.5),
    max: feet(8),
    help: 'Above the soil; the last tie is made a little below it.',
    suggest: (setting, set) => {
      const wanted = leadPlant(setting)?.crop.supportToMm || feet(4);
      const most = mostHeight(setting, set);
      const value = most < wanted ? wholeStep(most, setting.market) : tidy(wanted, setting.market);
      return { value, why: fact(most < wanted ? 'height.reach' : 'height.crop') };
    },
  },
  section: {
    first: true,
    ...sectionKnob({
      label: 'Stakes of',
      group: 'Stakes',
      of: ['2x2', '45x45'],
      usual: { imperial: ['2x2', '45x45'], metric: ['45x45', '2x2'] },
      help: 'Pointed and driven.',
    }),
  },
  treatment: { first: true, ...treatmentKnob({ section: 'section', group: 'Stakes', use: 'light' }) },
  depth: {
    type: 'length',
    label: 'Depth in the ground, at least',
    group: 'Stakes',
    min: inches(12),
    max: feet(4),
    help: 'A leafy plant is a sail on one leg.',
    suggest: (setting, set) =>
      suggestDepth(setting, LEAST_DRIVEN_MM, drivenDepth(setting), {
        aboveMm: Number(set.height),
        sizesMm: sizesOf(setting, set),
      }),
  },
  tieEvery: {
    type: 'length',
    label: 'A tie every',
    group: 'Ties',
    min: inches(4),
    max: feet(2),
    help: 'Loosely, in a figure of eight: the stem thickens.',
    suggest: (setting) => ({ value: perMarket(setting.market, 10, 250), why: fact('tie.growth') }),
  },
} as const satisfies Knobs<BedSetting>;

export type StakeValues = Values<typeof STAKE_KNOBS>;
