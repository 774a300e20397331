import { feet, inches } from '../../../quantity/length';
import { roomOf } from '../../../site/bed';
import { fact } from '../../../wording/say';
import type { Knobs, Settled, Values } from '../../knob';
import { inTheMiddle, rowAtKnob, rowKnobs, withinArm } from '../../rules/row';
import { perMarket, wholeStep } from '../../rules/tidy';
import { sectionKnob } from '../../rules/timber-knobs';
import type { BedSetting } from '../../setting';

/** What one person lifts over a row and sets down without treading on it (from memory). mm. */
const LONGEST_TENT_MM = feet(4);
/** Leaves stay so clear of it (from memory). mm. */
const CLEAR_MM = inches(3);

/** Smaller ones are all strip and no light (from memory). mm. */
export const LEAST_WIDE_MM = inches(15);
export const LEAST_HIGH_MM = inches(10);

const tallest = (setting: BedSetting): number =>
  setting.planted.reduce((most, one) => Math.max(most, one.crop.heightMm), 0);

/** Of its width, so much has room to grow under it (from memory). */
export const GROWS_IN = 0.5;

/** How high it has to be inside so that all its rows are clear of leaves that lean straight to the ridge. mm. */
function clearOver(setting: BedSetting, widthMm: number): number {
  const apart = Math.max(...setting.planted.map(({ training }) => training.spacingMm), 1);
  const rows = Math.max(1, Math.floor((GROWS_IN * widthMm) / apart));
  const outMm = (GROWS_IN * widthMm * (1 - 1 / rows)) / 2;
  return (tallest(setting) + CLEAR_MM) / (1 - (2 * outMm) / widthMm);
}

/** Two clear leaves that lean together over a row, hinged along the ridge, closed at both ends of the row (from memory). */
export const CLOCHE_KNOBS = {
  ...rowKnobs(40, 'From end to end of all its tents.', { straddles: true }),
  // On a wide bed over what is picked from the path; where a bed narrows to its ends, along its middle.
  rowAt: rowAtKnob((setting) =>
    setting.place.bed.outline.shape === 'rectangle' ? withinArm(setting) : inTheMiddle(setting),
  ),
  width: {
    type: 'length',
    places: true,
    label: 'Across at the foot',
    group: 'Tents',
    min: LEAST_WIDE_MM,
    max: feet(4),
    help: 'Outside its leaves.',
    usualMost: (setting) => setting.place.bed.widthMm,
    suggest: (setting) => {
      const usual = perMarket(setting.market, 22, 560);
      const room = wholeStep(roomOf(setting.place.bed).widthMm, setting.market);
      return room < usual
        ? { value: Math.max(LEAST_WIDE_MM, room), why: fact('width.bed') }
        : { value: usual, why: fact('width.row') };
    },
  },
  high: {
    type: 'length',
    label: 'High inside, under the ridge',
    group: 'Tents',
    min: LEAST_HIGH_MM,
    max: feet(3),
    help: 'Over the soil. The lower, the warmer.',
    usualMost: () => feet(2),
    suggest: (setting, set) => {
      const usual = wholeStep(Number(set.width) * 0.7, setting.market);
      const wants = wholeStep(clearOver(setting, Number(set.width)) + inches(1), setting.market);
      const most = wholeStep(Math.min(feet(3), Number(set.width) * 1.1), setting.market);
      const value = Math.max(LEAST_HIGH_MM, Math.min(most, Math.max(usual, wants)));
      return { value, why: fact(value > usual ? 'high.crop' : 'high.warm') };
    },
  },
  tents: {
    type: 'count',
    label: 'Tents',
    group: 'Tents',
    min: 1,
    max: 24,
    help: 'End to end: short ones are lifted off by one person.',
    suggest: (_setting, set) => {
      const value = Math.min(24, Math.max(1, Math.ceil(Number(set.rowLength) / LONGEST_TENT_MM - 1e-6)));
      return { value, why: fact(value === 1 ? 'tents.one' : 'tents.lifted') };
    },
  },
  gap: {
    type: 'length',
    label: 'Between tents',
    group: 'Tents',
    min: 3,
    max: inches(1),
    step: { imperial: inches(0.125), metric: 1 },
    help: 'So that they do not bind when they swell.',
    shown: (set: Settled) => Number(set.tents) > 1,
    suggest: (setting) => ({ value: perMarket(setting.market, 0.25, 6), why: fact('gap.swell') }),
  },
  strip: sectionKnob({
    label: 'Strips of',
    group: 'Tents',
    of: ['2x2', '45x45'],
    usual: { imperial: ['2x2', '45x45'], metric: ['45x45', '2x2'] },
    help: 'Its ends take the screws of the end sheets.',
  }),
} as const satisfies Knobs<BedSetting>;

export type ClocheValues = Values<typeof CLOCHE_KNOBS>;
