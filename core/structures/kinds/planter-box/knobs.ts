import { SECTIONS } from '../../../catalogue/timber';
import { countOf } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import type { PlaceOn } from '../../../site/stands/stands';
import { fact } from '../../../wording/say';
import { stringsFor, stringsWhere, THIN_BOARD_MM, twineKnob } from '../../assemblies/strings-up';
import type { Knobs, Settled, Suggestion, Values } from '../../knob';
import { plantsKnob } from '../../rules/potting';
import { perMarket, TAPE_STEP } from '../../rules/tidy';
import { sectionKnob, treatmentKnob } from '../../rules/timber-knobs';
import { isOffered, type Setting } from '../../setting';

export type SpotSetting = Setting<PlaceOn<'spot'>>;

/** Knees want so much clear under the box, and one who sits beside it so high a rim and no farther a row (common practice, no source). mm. */
export const KNEES_MM = inches(27);
const SEATED_RIM_MM = inches(24);
export const SEATED_REACH_MM = inches(24);
/** Standing one works at a bench’s height; a trough stands a hand off the floor, so that it drains and dries (from memory). mm. */
const STANDING_RIM_MM = inches(34);
const TROUGH_FEET_MM = inches(4);
const HAND_MM = inches(4);
/** Mix stays so far under the rim (from memory). mm. */
export const RIM_MM = inches(1);
/** Slats of the floor lie so far apart at least, for water to run out (from memory). mm. */
export const DRAIN_MM = 8;

/** How high one course of boards is. mm. */
const courseMm = (set: { board?: unknown }): number =>
  SECTIONS.find(({ id }) => id === String(set.board))?.wideMm ?? inches(5.5);

/** How high the box is over its floor’s lower face. mm. */
export const boxMm = (set: Settled): number => Number(set.courses) * courseMm(set);

const onTape = (mm: number, setting: SpotSetting): number =>
  Math.ceil(mm / TAPE_STEP[setting.market] - 1e-6) * TAPE_STEP[setting.market];

/** How high its rim stands, by who works at it. mm. */
function rimFor(setting: SpotSetting, set: Settled): Suggestion<number> {
  const least = onTape(boxMm(set) + TROUGH_FEET_MM, setting);
  switch (set.use) {
    case 'standing':
      return { value: Math.max(least, onTape(STANDING_RIM_MM, setting)), why: fact('rim.standing') };
    case 'beside':
      return { value: Math.max(least, onTape(SEATED_RIM_MM, setting)), why: fact('rim.beside') };
    case 'knees':
      return { value: onTape(KNEES_MM + boxMm(set), setting), why: fact('rim.knees') };
    default:
      return { value: least, why: fact('rim.trough') };
  }
}

/** The tallest of what climbs or is tied up there. */
const climbing = ({ planted }: SpotSetting) =>
  planted
    .filter(({ crop }) => crop.habit !== 'none' && crop.habit !== 'bush')
    .toSorted((a, b) => b.crop.supportToMm - a.crop.supportToMm)[0];

/** More strings than this are a net (from memory). */
const MOST_STRINGS = 40;
/** As many strings as what climbs there wants. */
export const stringsUp = (setting: SpotSetting, set: Settled): number =>
  stringsFor(Number(set.long), setting.planted, MOST_STRINGS);

/** Whether it has a trellis: behind it, where it is reached from the front. */
export const hasTrellis = (set: Settled): boolean => set.trellis === 'laths' && set.from === 'front only';

/** A box of boards on legs: at the height of hips, beside a wheelchair or over its knees, or a trough near the floor. */
export const PLANTER_BOX_KNOBS = {
  use: {
    first: true,
    type: 'choice',
    label: 'Worked',
    group: 'Box',
    choices: [
      { id: 'standing', label: 'standing' },
      { id: 'beside', label: 'from a wheelchair beside it' },
      { id: 'knees', label: 'with knees under it' },
      { id: 'trough', label: 'low: a trough' },
    ],
    help: 'Its height, its depth and how wide it is follow.',
    suggest: () => ({ value: 'standing', why: fact('use.standing') }),
  },
  from: {
    first: true,
    type: 'choice',
    label: 'Reached from',
    group: 'Box',
    choices: [
      { id: 'front only', label: 'the front: its back is to a wall' },
      { id: 'both sides', label: 'both sides' },
    ],
    help: 'Against a wall it is half as wide.',
    suggest: () => ({ value: 'front only', why: fact('from.wall') }),
  },
  held: {
    type: 'choice',
    label: 'Its back',
    group: 'Box',
    choices: [
      { id: 'brackets', label: 'screwed to the wall' },
      { id: 'loose', label: 'stands by itself' },
    ],
    help: 'A wall that is yours to screw into.',
    shown: (set) => set.from === 'front only',
    suggest: (_setting, set) =>
      set.use === 'trough' || set.from !== 'front only'
        ? { value: 'loose', why: fact('held.low') }
        : { value: 'brackets', why: fact('held.pulled') },
  },
  long: {
    type: 'length',
    label: 'Length',
    group: 'Box',
    min: feet(1.5),
    max: feet(12),
    help: 'Over the ends.',
    usualMost: () => feet(8),
    suggest: (setting, set) => {
      const planned = countOf(setting.planted);
      const acrossMm = Number(set.from === 'both sides' ? 2 : 1) * inches(20);
      const each = Math.max(0, ...setting.planted.map((one) => one.training.spacingMm)) ** 2;
      const wanted = (planned * each) / acrossMm;
      return wanted > feet(4)
        ? { value: Math.min(feet(8), onTape(wanted, setting)), why: fact('long.planned', { planned }) }
        : { value: perMarket(setting.market, 48, 1200), why: fact('long.carried') };
    },
  },
  width: {
    type: 'length',
    label: 'From front to back',
    group: 'Box',
    min: inches(16),
    max: feet(4),
    help: 'Over the boards.',
    suggest: (setting, set) => {
      const reach = set.use === 'standing' || set.use === 'trough' ? setting.armMm : SEATED_REACH_MM;
      // The farthest row stands a hand in from its board.
      const side = Math.min(onTape(reach + HAND_MM, setting), perMarket(setting.market, 22, 560));
      return set.from === 'both sides'
        ? { value: Math.min(2 * side, perMarket(setting.market, 36, 900)), why: fact('width.both') }
        : { value: side, why: fact('width.front') };
    },
  },
  board: {
    first: true,
    ...sectionKnob({
      label: 'Boards',
      group: 'Wood',
      help: 'The sides of the box.',
      of: ['1x6', '22x145', '2x6', '45x145'],
      usual: { imperial: ['1x6', '22x145', '2x6', '45x145'], metric: ['22x145', '1x6', '45x145', '2x6'] },
    }),
  },
  courses: {
    first: true,
    type: 'count',
    label: 'Boards high',
    group: 'Box',
    min: 1,
    max: 3,
    help: 'Salads root in 6″ (150 mm), most crops in 10″ (250 mm); every inch of it weighs.',
    suggest: (_setting, set) =>
      set.use === 'knees' ? { value: 1, why: fact('courses.knees') } : { value: 2, why: fact('courses.roots') },
  },
  rim: {
    type: 'length',
    label: 'Height of its rim',
    group: 'Box',
    min: inches(8),
    max: feet(4),
    help: 'Over the floor it stands on.',
    suggest: rimFor,
  },
  treatment: { first: true, ...treatmentKnob({ section: 'board', group: 'Wood', use: 'light' }) },
  legs: sectionKnob({
    label: 'Legs of',
    group: 'Wood',
    help: 'They stand inside the corners, and carry all of it.',
    of: ['2x2', '4x4', '45x45', '90x90'],
    usual: { imperial: ['4x4', '90x90', '2x2', '45x45'], metric: ['90x90', '4x4', '45x45', '2x2'] },
  }),
  bearer: sectionKnob({
    label: 'Bearers of',
    group: 'Wood',
    help: 'Along the legs, under the slats.',
    of: ['2x2', '45x45'],
    usual: { imperial: ['2x2', '45x45'], metric: ['45x45', '2x2'] },
  }),
  slat: sectionKnob({
    label: 'Slats of its floor',
    group: 'Wood',
    help: 'Across it, a finger apart, so that water runs out.',
    of: ['1x4', '22x95', '1x6', '22x145'],
    usual: { imperial: ['1x4', '22x95', '1x6', '22x145'], metric: ['22x95', '1x4', '22x145', '1x6'] },
  }),
  trellis: {
    type: 'choice',
    label: 'Trellis behind it',
    group: 'Trellis',
    choices: [
      { id: 'none', label: 'none' },
      { id: 'laths', label: 'level laths on uprights' },
    ],
    help: 'It goes with the box: nothing has to stand in the ground.',
    shown: (set) => set.from === 'front only',
    suggest: (setting, set) => {
      const climbs = climbing(setting);
      return climbs && set.from === 'front only'
        ? { value: 'laths', why: fact('trellis.crop', { crop: climbs.crop.name }) }
        : { value: 'none', why: fact('trellis.none') };
    },
  },
  trellisHigh: {
    type: 'length',
    label: 'Over the rim',
    group: 'Trellis',
    min: inches(12),
    max: feet(6),
    help: 'No higher than you reach.',
    shown: hasTrellis,
    suggest: (setting, set) => {
      const wants = Math.max(inches(12), climbing(setting)?.crop.supportToMm ?? feet(4));
      const most =
        Math.floor((setting.reachMm - Number(set.rim)) / TAPE_STEP[setting.market]) * TAPE_STEP[setting.market];
      return most < wants
        ? { value: Math.max(inches(12), Math.min(feet(6), most)), why: fact('trellis.reach') }
        : { value: Math.min(feet(6), onTape(wants, setting)), why: fact('trellis.high') };
    },
  },
  lathEvery: {
    type: 'length',
    label: 'A lath every',
    group: 'Trellis',
    min: inches(3),
    max: inches(18),
    help: 'Shoots are led through and tied; what winds finds the next by itself.',
    shown: hasTrellis,
    suggest: (setting) => ({ value: perMarket(setting.market, 7, 180), why: fact('lath.hand') }),
  },
  upright: sectionKnob({
    label: 'Uprights of',
    group: 'Trellis',
    help: 'Behind the boards of its back.',
    of: ['2x2', '45x45'],
    usual: { imperial: ['2x2', '45x45'], metric: ['45x45', '2x2'] },
    shown: hasTrellis,
  }),
  lath: sectionKnob({
    label: 'Laths of',
    group: 'Trellis',
    help: 'On the fronts of the uprights.',
    of: ['1x2', '22x38'],
    usual: { imperial: ['1x2', '22x38'], metric: ['22x38', '1x2'] },
    shown: hasTrellis,
  }),
  strings: {
    type: 'count',
    label: 'Strings up it',
    group: 'Trellis',
    min: 0,
    max: MOST_STRINGS,
    help: 'From the lowest lath to the top one, a turn round each: for thin tendrils and leaf stalks.',
    shown: hasTrellis,
    suggest: (setting, set) => stringsWhere(setting, THIN_BOARD_MM, () => stringsUp(setting, set)),
  },
  twine: twineKnob({ group: 'Trellis', shown: (set) => hasTrellis(set) && Number(set.strings) > 0 }),
  mix: {
    type: 'choice',
    label: 'Filled with',
    group: 'Plants',
    choices: [
      { id: 'potting-mix', label: 'potting mix, bought' },
      { id: 'own-soil', label: 'soil and compost of your own' },
    ],
    offered: (setting) => [...(isOffered(setting, 'potting-mix') ? ['potting-mix'] : []), 'own-soil'],
    help: 'Garden soil alone packs down in a box and weighs more.',
    suggest: () => ({ value: 'potting-mix', why: fact('mix.light') }),
  },
  plants: plantsKnob,
} as const satisfies Knobs<SpotSetting>;

export type PlanterBoxValues = Values<typeof PLANTER_BOX_KNOBS>;

/** Whether its back is screwed to the wall behind it. */
export const isHeld = (v: Pick<PlanterBoxValues, 'from' | 'held'>): boolean =>
  v.from === 'front only' && v.held === 'brackets';
