import { LEAST_LEAN_RAD } from '../../../checks/tipping';
import { leadPlant } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import { roomOf } from '../../../site/bed';
import { LEAST_DRIVEN_MM } from '../../../statics/embedment';
import { fact } from '../../../wording/say';
import type { Knobs, Settled, Values } from '../../knob';
import { suggestDepth } from '../../rules/depth';
import { reachOverBed, rowKnobs, stationsKnob } from '../../rules/row';
import { perMarket, tidy, wholeStep } from '../../rules/tidy';
import { sectionKnob, treatmentKnob } from '../../rules/timber-knobs';
import { type BedSetting, isOffered } from '../../setting';
import { nailsAlong } from './weave-path';

/** A light frame is at most as high as a person can hang it (from memory). mm. */
export const MOST_FRAME_MM = feet(6.5);

/** How high a frame can be made that one person hangs, that is in reach, and that, leaning over its bed, does not tip. mm. */
export function mostFrame(setting: BedSetting, pair: boolean): number {
  const base = Math.min(feet(4), roomOf(setting.place.bed).widthMm - inches(5));
  return Math.min(MOST_FRAME_MM, reachOverBed(setting), pair ? base / Math.tan(LEAST_LEAN_RAD) : Infinity);
}

/** The widest interval to the millimetre that leaves no two nails of either side farther apart than thin tendrils reach: 3″ (common practice, no source). mm. */
function closeInterval(set: Settled): number {
  const reach = inches(3);
  const sides = [Number(set.height), Number(set.width)];
  for (let asked = Math.floor(reach); asked > reach / 2; asked--)
    if (sides.every((side) => nailsAlong(side, MEMBER_MM, asked).stepMm <= reach)) return asked;
  return Math.floor(reach / 2);
}
/** A frame's side, about (from memory). mm. */
const MEMBER_MM = 38;

/**
 * A timber frame, for example 1800 × 863 mm of 38 × 22 mm, corner braces, round-headed nails every
 * 127 mm left proud, thread woven both ways; two joined at the top make a tunnel over a bed (common
 * practice, no source).
 */
export const WOVEN_FRAME_KNOBS = {
  ...rowKnobs(60, 'The stretch of bed that the frames may fill, by a tape laid on the soil.', { straddles: true }),
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
      roomOf(setting.place.bed).widthMm >= 900
        ? { value: 'pair', why: fact('form.pair') }
        : { value: 'single', why: fact('form.single') },
  },
  height: {
    type: 'length',
    label: 'Height of a frame',
    group: 'Frame',
    min: feet(2),
    max: feet(8),
    help: 'Along its sides.',
    suggest: (setting, set) => {
      const pair = set.form === 'pair';
      const most = wholeStep(mostFrame(setting, pair), setting.market);
      const usual = Math.min(perMarket(setting.market, 71, 1800), Math.max(feet(2), most));
      const wants = leadPlant(setting)?.crop.supportToMm ?? 0;
      // Leaning to each other, frames end lower than they are long.
      const lean = pair ? inches(5) : 0;
      const value = Math.max(usual, wholeStep(Math.min(most, wants + lean), setting.market));
      return wants + lean > usual + 1 ? { value, why: fact('frame.crop') } : { value: usual, why: fact('frame.usual') };
    },
  },
  width: {
    type: 'length',
    places: true,
    label: 'Width of a frame',
    group: 'Frame',
    min: feet(1),
    max: feet(6),
    help: 'Along the bed.',
    suggest: (setting) => ({
      value: tidy(
        Math.max(feet(1), Math.min(perMarket(setting.market, 34, 863), roomOf(setting.place.bed).lengthMm)),
        setting.market,
      ),
      why: fact('frame.usual'),
    }),
  },
  frames: {
    type: 'count',
    places: true,
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
    places: true,
    label: 'Feet apart',
    group: 'Frame',
    min: feet(1),
    max: feet(6),
    help: 'From foot to foot across the bed.',
    shown: (set) => set.form === 'pair',
    suggest: (setting) => ({
      value: Math.max(
        feet(1),
        Math.min(
          perMarket(setting.market, 48, 1200),
          wholeStep(roomOf(setting.place.bed).widthMm - inches(4.5), setting.market),
        ),
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
    help: 'From nail to nail; equalised, the nearest that divides each side.',
    suggest: (setting, set) => {
      const thin = setting.planted.find((one) => one.crop.habit === 'tendril-thin');
      return thin
        ? { value: closeInterval(set), why: fact('interval.thin', { crop: thin.crop.name }) }
        : { value: 127, why: fact('interval.five') };
    },
  },
  nailing: {
    type: 'choice',
    label: 'The interval',
    group: 'Weaving',
    choices: [
      { id: 'equal', label: 'equalised, side by side' },
      { id: 'exact', label: 'kept, the rest at the ends' },
    ],
    help: 'Equalised divides each side evenly; kept is the same on every side and leaves a little at the corners.',
    suggest: () => ({ value: 'equal', why: fact('nailing.equal') }),
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
    max: feet(6),
    help: 'One at each side of a single frame.',
    shown: (set) => set.form === 'single',
    suggest: (setting) =>
      suggestDepth(setting, LEAST_DRIVEN_MM, { value: perMarket(setting.market, 18, 460), why: fact('stakes.driven') }),
  },
} as const satisfies Knobs<BedSetting>;

export type WovenFrameValues = Values<typeof WOVEN_FRAME_KNOBS>;
