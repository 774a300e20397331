import { COVERS } from '../../../catalogue/covers';
import { RODS } from '../../../catalogue/rods';
import { feet, inches } from '../../../quantity/length';
import { roomOf } from '../../../site/bed';
import { fact } from '../../../wording/say';
import type { Knobs, Values } from '../../knob';
import { coverFor } from '../../rules/covering';
import { rowKnobs } from '../../rules/row';
import { perMarket, wholeStep } from '../../rules/tidy';
import { isOffered, type BedSetting } from '../../setting';

const offeredRods = (setting: BedSetting): string[] => RODS.map((rod) => rod.id).filter((id) => isOffered(setting, id));
const offeredCovers = (setting: BedSetting): string[] =>
  COVERS.map((one) => one.id).filter((id) => isOffered(setting, id));
const row = rowKnobs(100, 'From the first hoop to the last.', { straddles: true });

/** Room between the tallest leaf and the cover: what touches the net is laid eggs on through it (from memory). mm. */
export const CLEAR_MM = inches(4);
/** Hoops stand at most 4′ apart, 3′ is better; sleeves are 8″ pieces of 1″ pipe (common practice, no source). mm. */
export const SLEEVE_MM = inches(8);

export const HOOP_TUNNEL_KNOBS = {
  ...row,
  cover: {
    type: 'choice',
    label: 'Cover',
    group: 'Cover',
    choices: COVERS.map((one) => ({ id: one.id, label: one.name })),
    offered: offeredCovers,
    help: 'What the crop has to be kept from says how fine it must be.',
    suggest: coverFor,
  },
  tuck: {
    type: 'length',
    label: 'Tucked in at each side',
    group: 'Cover',
    min: 0,
    max: feet(2),
    help: 'Lies on the soil and is weighted or buried, or hangs down the side of the bed.',
    suggest: (setting) => ({ value: perMarket(setting.market, 10, 250), why: fact('tuck.hand') }),
  },
  held: {
    type: 'choice',
    label: 'Held down by',
    group: 'Cover',
    choices: [
      { id: 'clips', label: 'clips on the hoops' },
      { id: 'cords', label: 'a cord over each bay, pegged' },
      { id: 'weights', label: 'boards or stones on its edges' },
    ],
    help: 'Clips are quick to lift; cords hold in wind; weights cost nothing and let a gap through sooner.',
    suggest: (setting) =>
      setting.wind === 'exposed'
        ? { value: 'cords', why: fact('held.wind') }
        : { value: 'clips', why: fact('held.clips') },
  },
  rod: {
    type: 'choice',
    label: 'Hoops of',
    group: 'Hoops',
    choices: RODS.map((rod) => ({ id: rod.id, label: rod.name })),
    offered: offeredRods,
    help: 'Plastic pipe springs by itself; rod and conduit are bent about a form.',
    suggest: () => ({ value: 'pipe-plastic-27', why: fact('rod.springs') }),
  },
  shape: {
    type: 'choice',
    label: 'Shape',
    group: 'Hoops',
    choices: [
      { id: 'sprung', label: 'sprung, as it bends by itself' },
      { id: 'circle', label: 'half a circle' },
      { id: 'ellipse', label: 'half an ellipse' },
    ],
    help: 'A springy pipe finds its own shape between upright feet; others are bent to a form.',
    suggest: (_setting, set) =>
      set.rod === 'pipe-plastic-27'
        ? { value: 'sprung', why: fact('shape.springs') }
        : { value: 'ellipse', why: fact('shape.form') },
  },
  width: {
    type: 'length',
    places: true,
    label: 'Between the feet',
    group: 'Hoops',
    min: inches(12),
    max: feet(12),
    help: 'From the middle of one foot to the middle of the other.',
    usualMost: (setting) => setting.place.bed.widthMm * 1.2,
    suggest: (setting) => ({
      value: Math.min(feet(12), Math.max(inches(12), roomOf(setting.place.bed).widthMm - inches(2))),
      why: fact('width.bed'),
    }),
  },
  height: {
    type: 'length',
    label: 'Height over the soil',
    group: 'Hoops',
    min: inches(8),
    max: feet(7),
    help: 'To the hoop, in the middle.',
    usualMost: () => feet(5),
    suggest: (setting, set) => {
      const tallest = setting.planted.reduce((most, one) => Math.max(most, one.crop.heightMm), 0);
      const least = 0.42 * Number(set.width);
      const wanted = Math.min(feet(4), Math.max(inches(18), least, tallest + CLEAR_MM + inches(4)));
      return {
        value: wholeStep(wanted + inches(0.99), setting.market),
        why: fact(tallest > 0 ? 'height.crop' : 'height.usual'),
      };
    },
  },
  apart: {
    type: 'length',
    label: 'Hoops at most apart',
    group: 'Hoops',
    min: inches(12),
    max: feet(8),
    help: 'Four feet is the limit of the trade, three is better: covers sag between them.',
    // Each of its feet carries so much less of the wind.
    suggest: (setting) =>
      setting.soil === 'sand' && setting.wind !== 'sheltered'
        ? { value: perMarket(setting.market, 24, 600), why: fact('apart.sand') }
        : { value: perMarket(setting.market, 36, 900), why: fact('apart.three') },
  },
  feet: {
    type: 'choice',
    label: 'Feet stand in',
    group: 'Hoops',
    choices: [
      { id: 'sleeve', label: 'sleeves in the soil' },
      { id: 'side', label: 'sleeves on the sides of the bed' },
      { id: 'core', label: 'sleeves in the cores of block sides' },
      { id: 'pushed', label: 'the soil itself' },
    ],
    help: 'From a sleeve a hoop is pulled in a moment and set again; a sleeve holds it upright. Sides and cores are there where the bed is raised.',
    offered: (setting) => ['sleeve', ...(setting.place.bed.heightMm > 0 ? ['side', 'core'] : []), 'pushed'],
    suggest: ({ place: { bed } }) => {
      if (bed.hollow) return { value: 'core', why: fact('feet.core') };
      return bed.heightMm >= SLEEVE_MM
        ? { value: 'side', why: fact('feet.side') }
        : { value: 'sleeve', why: fact('feet.sleeve') };
    },
  },
  ridge: {
    type: 'choice',
    label: 'Along the ridge',
    group: 'Hoops',
    choices: [
      { id: 'none', label: 'nothing' },
      { id: 'cord', label: 'a cord, hitched round every hoop' },
      { id: 'pipe', label: 'a pipe under the crowns' },
    ],
    help: 'Keeps hoops upright and the cover from sagging; a pipe carries some wet snow.',
    suggest: (setting, set) => {
      if (Number(set.rowLength) <= feet(6)) return { value: 'none', why: fact('ridge.short') };
      return String(set.cover) === 'cover-film' || Number(set.rowLength) > feet(16)
        ? { value: 'pipe', why: fact('ridge.pipe') }
        : { value: 'cord', why: fact('ridge.cord') };
    },
  },
} as const satisfies Knobs<BedSetting>;

export type HoopTunnelValues = Values<typeof HOOP_TUNNEL_KNOBS>;
