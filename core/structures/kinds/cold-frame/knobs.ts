import { feet, inches } from '../../../quantity/length';
import { roomOf } from '../../../site/bed';
import { offSunDeg } from '../../../site/sun/faces';
import { fact } from '../../../wording/say';
import type { Knobs, Settled, Values } from '../../knob';
import { boxBoardKnob, boxRowKnobs, boxStripKnob, boxTreatmentKnob } from '../../rules/box-knobs';
import { perMarket } from '../../rules/tidy';
import { isOffered, type BedSetting } from '../../setting';

/** A lid is opened from one side, and clear sheet is sold so wide: no deeper than this over the boards (from memory). mm. */
const DEEPEST_MM = inches(36);
/** A light longer than this twists, and the wind takes it (from memory). mm. */
const LONGEST_LIGHT_MM = feet(3.5);

/** How far off the midday sun its front looks. Degrees. */
export const offSun = (setting: BedSetting, faces: unknown): number =>
  offSunDeg(setting.site, setting.place.bed.turnDeg, faces === 'front' ? 'front' : 'back');

const GLAZINGS = ['glazing-4', 'cover-film'] as const;
const tallest = (setting: BedSetting): number =>
  setting.planted.reduce((most, one) => Math.max(most, one.crop.heightMm), 0);

/**
 * A box that is a board higher behind than in front, clear lids on the slope between, towards the sun: 8 to 12″ in front and
 * 12 to 18″ behind (from memory).
 */
export const COLD_FRAME_KNOBS = {
  ...boxRowKnobs(32),
  width: {
    type: 'length',
    places: true,
    label: 'From front to back',
    group: 'Box',
    min: inches(12),
    max: DEEPEST_MM,
    help: 'Over the boards: as deep as you reach, and as clear sheet is wide.',
    suggest: (setting) => {
      const { widthMm } = roomOf(setting.place.bed);
      return {
        value: Math.max(inches(12), Math.min(widthMm, DEEPEST_MM)),
        why: fact(widthMm > DEEPEST_MM ? 'width.reach' : 'width.bed'),
      };
    },
  },
  faces: {
    first: true,
    type: 'choice',
    label: 'Low side',
    group: 'Box',
    choices: [
      { id: 'front', label: 'along the front of the bed' },
      { id: 'back', label: 'along the back of the bed' },
    ],
    help: 'It is opened there, and looks to the midday sun.',
    suggest: (setting) => ({
      value: offSun(setting, 'front') <= 90 ? 'front' : 'back',
      why: fact('faces.sun', { off: Math.round(Math.min(offSun(setting, 'front'), offSun(setting, 'back'))) }),
    }),
  },
  courses: {
    type: 'count',
    label: 'Boards in front',
    group: 'Box',
    min: 1,
    max: 3,
    help: 'Behind there is one more. The lower, the warmer; what grows into the lids is scorched.',
    suggest: (setting, set) =>
      tallest(setting) + inches(3) > (String(set.board) === '22x145' ? 145 : inches(5.5)) * 1.5
        ? { value: 2, why: fact('courses.crop') }
        : { value: 1, why: fact('courses.low') },
  },
  board: boxBoardKnob,
  treatment: boxTreatmentKnob,
  strip: boxStripKnob('Strips of the lids and posts'),
  glazing: {
    type: 'choice',
    label: 'Lids covered with',
    group: 'Lids',
    choices: [
      { id: 'glazing-4', label: 'twin-wall clear sheet' },
      { id: 'cover-film', label: 'film' },
    ],
    offered: (setting) => GLAZINGS.filter((id) => isOffered(setting, id)),
    help: 'Sheet keeps a few degrees more and lasts; film is light and cheap. No glass: it breaks over hands.',
    suggest: () => ({ value: 'glazing-4', why: fact('glazing.sheet') }),
  },
  lids: {
    type: 'count',
    label: 'Lids',
    group: 'Lids',
    min: 1,
    max: 12,
    help: 'Side by side: short ones are lifted with one hand, and the wind gets no hold of them.',
    suggest: (_setting, set) => {
      const value = Math.min(12, Math.max(1, Math.ceil(Number(set.rowLength) / LONGEST_LIGHT_MM - 1e-6)));
      return { value, why: fact(value === 1 ? 'lids.one' : 'lids.short') };
    },
  },
  gap: {
    type: 'length',
    label: 'Between lids',
    group: 'Lids',
    min: 3,
    max: inches(1),
    step: { imperial: inches(0.125), metric: 1 },
    help: 'So that they do not bind when they swell.',
    shown: (set: Settled) => Number(set.lids) > 1,
    suggest: (setting) => ({ value: perMarket(setting.market, 0.25, 6), why: fact('gap.swell') }),
  },
  stay: {
    type: 'choice',
    label: 'Held open by',
    group: 'Lids',
    choices: [
      { id: 'prop', label: 'a prop that turns on a screw' },
      { id: 'none', label: 'leaned back on a wall' },
    ],
    help: 'Every sunny day it is opened a hand or more.',
    suggest: () => ({ value: 'prop', why: fact('stay.prop') }),
  },
} as const satisfies Knobs<BedSetting>;

export type ColdFrameValues = Values<typeof COLD_FRAME_KNOBS>;
