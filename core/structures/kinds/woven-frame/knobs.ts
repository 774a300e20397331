import { LEAST_DRIVEN_MM } from '../../../statics/embedment';
import { suggestDepth } from '../../rules/depth';
import { type BedSetting, isOffered } from '../../setting';
import { feet, inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import type { Knobs } from '../../knob';
import { rowKnobs, stationsKnob } from '../../rules/row';
import { perMarket, TAPE_STEP, tidy } from '../../rules/tidy';
import { sectionKnob, treatmentKnob } from '../../rules/timber-knobs';

/**
 * A timber frame, for example 1800 × 863 mm of 38 × 22 mm, corner braces, round-headed nails every
 * 127 mm left proud, thread woven both ways; two joined at the top make a tunnel over a bed (common
 * practice, no source).
 */
export const WOVEN_FRAME_KNOBS = {
  ...rowKnobs(60, 'The stretch of bed that the frames may fill, by a tape laid on the soil.'),
  ...stationsKnob('inset'),
  form: {
    type: 'choice',
    label: 'Form',
    group: 'Frame',
    choices: [
      { id: 'single', label: 'single, on stakes' },
      { id: 'pair', label: 'pair, over the bed' },
    ],
    help: 'Two frames joined at the top bridge a bed; vines climb both sides and fruit hangs inside.',
    suggest: (setting) =>
      setting.place.bed.widthMm >= 900
        ? { value: 'pair', why: fact('form.pair') }
        : { value: 'single', why: fact('form.single') },
  },
  height: {
    type: 'length',
    label: 'Height of a frame',
    group: 'Frame',
    min: feet(2),
    max: feet(8),
    step: TAPE_STEP,
    help: 'Along its sides.',
    suggest: (setting) => ({ value: perMarket(setting.market, 71, 1800), why: fact('frame.usual') }),
  },
  width: {
    type: 'length',
    label: 'Width of a frame',
    group: 'Frame',
    min: feet(1),
    max: feet(6),
    step: TAPE_STEP,
    help: 'Along the bed.',
    suggest: (setting) => ({
      value: tidy(
        Math.max(feet(1), Math.min(perMarket(setting.market, 34, 863), setting.place.bed.lengthMm)),
        setting.market,
      ),
      why: fact('frame.usual'),
    }),
  },
  frames: {
    type: 'count',
    label: 'Frames along the bed',
    group: 'Frame',
    min: 1,
    max: 30,
    help: 'A pair counts once.',
    suggest: (_setting, set) => ({
      value: Math.max(1, Math.floor((Number(set.rowLength) + 0.5) / Number(set.width))),
      why: fact('frames.fit'),
    }),
  },
  spread: {
    type: 'length',
    label: 'Feet apart',
    group: 'Frame',
    min: feet(1),
    max: feet(6),
    step: TAPE_STEP,
    help: 'From foot to foot across the bed.',
    shown: (set) => set.form === 'pair',
    suggest: (setting) => ({
      value: tidy(
        Math.max(feet(1), Math.min(perMarket(setting.market, 48, 1200), setting.place.bed.widthMm - inches(4))),
        setting.market,
      ),
      why: fact('spread.bed'),
    }),
  },
  section: sectionKnob({
    label: 'Frame of',
    group: 'Frame',
    of: ['22x38', '1x2', '22x63', '1x3'],
    usual: { imperial: ['1x2', '1x3', '22x38'], metric: ['22x38', '22x63', '1x2'] },
    help: 'Halved at the corners.',
  }),
  treatment: treatmentKnob({ section: 'section', group: 'Frame', use: 'slat' }),
  brace: {
    type: 'length',
    label: 'Corner braces',
    group: 'Frame',
    min: 0,
    max: feet(1.5),
    step: TAPE_STEP,
    help: 'From the inner corner to where the brace leaves each side; nought for none.',
    suggest: (setting) => ({ value: perMarket(setting.market, 6, 150), why: fact('brace.square') }),
  },
  interval: {
    type: 'length',
    label: 'Nails every',
    group: 'Weaving',
    min: inches(2),
    max: inches(10),
    step: { imperial: inches(0.25), metric: 1 },
    help: 'Set to the nearest interval that divides each side.',
    suggest: (setting) => {
      const thin = setting.planted.find((one) => one.crop.habit === 'tendril-thin');
      return thin
        ? { value: perMarket(setting.market, 3, 76), why: fact('interval.thin', { crop: thin.crop.name }) }
        : { value: 127, why: fact('interval.five') };
    },
  },
  thread: {
    type: 'choice',
    label: 'Thread',
    group: 'Weaving',
    choices: [
      { id: 'cotton', label: 'cotton' },
      { id: 'natural', label: 'garden twine' },
    ],
    offered: (setting) => (['cotton', 'natural'] as const).filter((id) => isOffered(setting, `twine-${id}`)),
    help: 'Both are cut off and composted with the vines.',
    suggest: (setting) => ({
      value: isOffered(setting, 'twine-cotton') ? 'cotton' : 'natural',
      why: fact('thread.compost'),
    }),
  },
  stakes: {
    type: 'length',
    label: 'Stakes in the ground',
    group: 'Frame',
    min: inches(12),
    max: feet(3),
    step: TAPE_STEP,
    help: 'One at each side of a single frame.',
    shown: (set) => set.form === 'single',
    suggest: (setting) =>
      suggestDepth(setting, LEAST_DRIVEN_MM, { value: perMarket(setting.market, 18, 460), why: fact('stakes.driven') }),
  },
} as const satisfies Knobs<BedSetting>;
