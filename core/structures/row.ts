import { fact, type Phrases } from '../wording/say';
import { feet } from '../quantity/length';
import type { Design } from '../design/design';
import type { LengthKnob, Settings } from './knob';
import type { Setting } from './setting';
import { TAPE_STEP } from './tidy';

/** What every support that stands in a row shares: how long it is, where it stands in the bed, and the mends of both. */
export const rowKnobs = (longestFeet: number, lengthHelp: string) => ({
  rowLength: {
    type: 'length', label: 'Row length', group: 'Row', min: feet(2), max: feet(longestFeet), step: TAPE_STEP, help: lengthHelp,
    usualMost: (setting) => setting.bed.lengthMm * 1.25,
    suggest: (setting) => ({ value: setting.bed.lengthMm, why: fact('row.bed') }),
  } satisfies LengthKnob,
  rowAt: {
    type: 'length', label: 'Row from the front edge', group: 'Row', min: 0, max: feet(40), step: TAPE_STEP,
    help: 'From the long edge you stand at to the middle of the row.',
    usualMost: (setting) => setting.bed.widthMm,
    suggest: (setting) => ({ value: setting.bed.widthMm / 2, why: fact('row.middle') }),
  } satisfies LengthKnob,
});

/** Where a row stands across the bed: 0 is the middle, negative the front. mm. */
export const acrossBed = (rowAtMm: number, setting: Setting): number => rowAtMm - setting.bed.widthMm / 2;

export const ROW_MENDS = {
  'reach.far': (_values: unknown, _design: Design, setting: Setting): Settings => ({ rowAt: Math.min(setting.armMm, setting.bed.widthMm / 2) }),
  'reach.outside': (_values: unknown, _design: Design, setting: Setting): Settings => ({ rowAt: setting.bed.widthMm / 2 }),
  'row.past-bed': (_values: unknown, _design: Design, setting: Setting): Settings => ({ rowLength: setting.bed.lengthMm }),
};

export const ROW_PHRASES = {
  'row.bed': 'The length of the bed.',
  'row.middle': 'Down the middle of the bed.',
  'care.services': 'Electricity and gas kill. Call the free location service where there is one; local rules decide.',
} as const satisfies Phrases;
