import { stockOf } from '../../../catalogue/catalogue';
import { NETS } from '../../../catalogue/covers';
import { MESH_ROLLS } from '../../../catalogue/panels';
import { feet, inches } from '../../../quantity/length';
import { roomOf } from '../../../site/bed';
import { netNeeds } from '../../../site/net-needs';
import { fact } from '../../../wording/say';
import type { Layer } from '../../assemblies/covered-panel';
import type { Knobs, Values } from '../../knob';
import { boxBoardKnob, boxRowKnobs, boxStripKnob, boxTreatmentKnob } from '../../rules/box-knobs';
import { floorKnob } from '../../rules/floor-mesh';
import { perMarket, TAPE_STEP, wholeStep } from '../../rules/tidy';
import { isOffered, type BedSetting } from '../../setting';

/** Mesh that nothing gnaws through and no paw passes. */
const STIFF = MESH_ROLLS.filter((roll) => roll.stiff && roll.openingMm <= inches(1)).map((roll) => roll.id);
const KEEPING = NETS.filter(({ against }) => !against);
const labelled = (ids: readonly string[]) =>
  ids.map((id) => ({ id, label: MESH_ROLLS.find((roll) => roll.id === id)?.name ?? id }));
const offeredOf =
  (ids: readonly string[]) =>
  (setting: BedSetting): string[] =>
    ids.filter((id) => isOffered(setting, id));

/** A lid is opened from one side: no deeper than 3′ (common practice, no source). mm. */
const DEEPEST_MM = feet(3);
/** A lid longer than this is heavy and twists (from memory). mm. */
const LONGEST_LID_MM = feet(5);

/** A door wider than this sags on its hinges (from memory). mm. */
const WIDEST_DOOR_MM = inches(30);
/** Over what grows, and at least so much over the box (from memory). mm. */
const OVER_PLANTS_MM = inches(4);
const LEAST_ABOVE_MM = inches(24);
const MOST_ABOVE_MM = feet(5);
/** Four boards: the highest box. */
const MOST_COURSES = 4;

const boardWide = (set: { board?: unknown }): number => (String(set.board) === '22x145' ? 145 : inches(5.5));
const tallestOf = (setting: BedSetting): number =>
  setting.planted.reduce((most, one) => Math.max(most, one.crop.heightMm), 0);

/** Roots of salads and of most low crops go so deep over the mesh, and fill stays so far under the rim (from memory). */
const ROOTS_IN = 8;
const ROOTS_METRIC_MM = 200;
export const RIM_MM = inches(1);

/** So high over its box, and over what is filled in there, a frame with doors leaves room for its plants. mm. */
export const aboveFor = (tallestMm: number, overFillMm: number): number =>
  Math.min(MOST_ABOVE_MM, Math.max(LEAST_ABOVE_MM, tallestMm + OVER_PLANTS_MM - overFillMm));

/** A box of boards with ½″ mesh under it and hinged mesh lids, 3′ × 8′ × 12″ for example (common practice, no source). */
export const LIDDED_FRAME_KNOBS = {
  ...boxRowKnobs(60),
  width: {
    type: 'length',
    places: true,
    label: 'From front to back',
    group: 'Box',
    min: inches(12),
    max: feet(6),
    help: 'Over the boards. At most 3′ (0.9 m) where it is opened from one side.',
    usualMost: () => feet(4),
    suggest: (setting) => ({
      value: Math.max(inches(12), Math.min(roomOf(setting.place.bed).widthMm, DEEPEST_MM)),
      why: fact(roomOf(setting.place.bed).widthMm > DEEPEST_MM ? 'width.reach' : 'width.bed'),
    }),
  },
  floor: { first: true, ...floorKnob },
  fill: {
    first: true,
    type: 'length',
    label: 'Filled so deep',
    group: 'Box',
    min: 0,
    max: MOST_COURSES * inches(5.5),
    help: 'Plants stand on it, and what is over them is measured from there; nought where they grow in the bed’s own soil.',
    suggest: (setting, set) =>
      set.floor === 'none'
        ? { value: 0, why: fact('fill.own') }
        : { value: perMarket(setting.market, ROOTS_IN, ROOTS_METRIC_MM), why: fact('fill.roots') },
  },
  fillWith: {
    type: 'choice',
    label: 'Filled with',
    group: 'Box',
    choices: [
      { id: 'own-soil', label: 'soil and compost of your own' },
      { id: 'potting-mix', label: 'potting mix, bought' },
    ],
    offered: (setting) => ['own-soil', ...(isOffered(setting, 'potting-mix') ? ['potting-mix'] : [])],
    help: 'Soil dug out where the box comes to lie goes back in over its mesh.',
    shown: (set) => Number(set.fill) > 0,
    suggest: () => ({ value: 'own-soil', why: fact('fill.dug') }),
  },
  opens: {
    first: true,
    type: 'choice',
    label: 'Opened by',
    group: 'Box',
    choices: [
      { id: 'lids', label: 'lids on top' },
      { id: 'doors', label: 'doors in front' },
    ],
    help: 'A lid breaks what grows over it; behind doors there is room to grow.',
    suggest: (setting, set) =>
      tallestOf(setting) + Number(set.fill) > MOST_COURSES * inches(5.5)
        ? { value: 'doors', why: fact('opens.tall') }
        : { value: 'lids', why: fact('opens.low') },
  },
  courses: {
    type: 'count',
    label: 'Boards high',
    group: 'Box',
    min: 1,
    max: 4,
    help: 'What grows higher than the box lifts the lid, or breaks under it.',
    suggest: (setting, set) => {
      const fillMm = Number(set.fill);
      const grown = Math.ceil((fillMm + tallestOf(setting) + inches(2)) / boardWide(set));
      const wanted = set.opens === 'doors' ? Math.ceil((fillMm + RIM_MM) / boardWide(set)) : grown;
      return wanted <= 2
        ? { value: 2, why: fact('courses.two') }
        : { value: Math.min(MOST_COURSES, wanted), why: fact('courses.crop') };
    },
  },
  above: {
    type: 'length',
    label: 'Height over the box',
    group: 'Box',
    min: inches(8),
    max: MOST_ABOVE_MM,
    help: 'Posts, mesh and doors from the rim of the box to the roof.',
    shown: (set) => set.opens === 'doors',
    suggest: (setting, set) => ({
      value: Math.min(
        MOST_ABOVE_MM,
        wholeStep(
          aboveFor(tallestOf(setting), Number(set.courses) * boardWide(set) - Number(set.fill)) +
            TAPE_STEP[setting.market],
          setting.market,
        ),
      ),
      why: fact('above.grows'),
    }),
  },
  board: boxBoardKnob,
  strip: boxStripKnob('Strips of the lid and posts'),
  treatment: boxTreatmentKnob,
  mesh: {
    type: 'choice',
    label: 'Mesh over it',
    group: 'Mesh',
    choices: labelled(STIFF),
    offered: offeredOf(STIFF),
    help: 'Stiff, so that nothing pushes or gnaws through.',
    suggest: () => ({ value: 'hardware-36', why: fact('mesh.paw') }),
  },
  net: {
    type: 'choice',
    label: 'Net over the mesh',
    group: 'Mesh',
    choices: [{ id: 'none', label: 'none' }, ...KEEPING.map((one) => ({ id: one.id, label: one.name }))],
    offered: (setting) => ['none', ...KEEPING.map((one) => one.id).filter((id) => isOffered(setting, id))],
    help: 'Beetles come through any mesh that a lid is made of.',
    suggest: (setting, set) => {
      const [finest] = netNeeds(
        setting.planted.map((one) => one.crop),
        setting.site.visitors,
      );
      const mesh = MESH_ROLLS.find((roll) => roll.id === String(set.mesh))?.openingMm ?? 0;
      const fit = KEEPING.filter((one) => isOffered(setting, one.id) && one.openingMm <= (finest?.openingMm ?? 0));
      const [coarsest] = fit.toSorted((a, b) => b.openingMm - a.openingMm || a.heightMm - b.heightMm);
      return finest && finest.openingMm < mesh && coarsest
        ? { value: coarsest.id, why: fact('net.finer', { who: finest.who }) }
        : { value: 'none', why: fact('net.none') };
    },
  },
  lids: {
    type: 'count',
    label: 'Lids, or doors',
    group: 'Opening',
    min: 1,
    max: 12,
    help: 'Side by side; a long lid is heavy and twists, a wide door sags.',
    suggest: (_setting, set) => {
      const doors = set.opens === 'doors';
      const most = doors ? WIDEST_DOOR_MM : LONGEST_LID_MM;
      const value = Math.min(12, Math.max(1, Math.ceil(Number(set.rowLength) / most - 1e-6)));
      return { value, why: fact(doors ? 'lids.doors' : value === 1 ? 'lids.one' : 'lids.short') };
    },
  },
  stay: {
    type: 'choice',
    label: 'Held open by',
    group: 'Opening',
    choices: [
      { id: 'prop', label: 'a prop that turns on a screw' },
      { id: 'chain', label: 'a chain that stops it' },
      { id: 'none', label: 'leaned back on a wall or a post' },
    ],
    help: 'A lid that falls breaks fingers and plants. A chain lets it lean back past the upright.',
    shown: (set) => set.opens === 'lids',
    offered: (setting) => ['prop', ...(isOffered(setting, 'chain-light') ? ['chain'] : []), 'none'],
    suggest: () => ({ value: 'prop', why: fact('stay.prop') }),
  },
  gap: {
    type: 'length',
    label: 'Between lids or doors',
    group: 'Opening',
    min: 3,
    max: inches(1),
    step: { imperial: inches(0.125), metric: 1 },
    help: 'So that they do not bind when they swell.',
    shown: (set) => Number(set.lids) > 1,
    suggest: (setting) => ({ value: perMarket(setting.market, 0.25, 6), why: fact('gap.swell') }),
  },
} as const satisfies Knobs<BedSetting>;

export type LiddedFrameValues = Values<typeof LIDDED_FRAME_KNOBS>;

/** The mesh of the frame, and the net that goes over it. */
export const layersOf = (v: LiddedFrameValues, setting: BedSetting): Layer[] => [
  { role: 'mesh', roll: stockOf(setting.catalogue, v.mesh, 'mesh roll') },
  ...(v.net === 'none' ? [] : [{ role: 'net' as const, roll: stockOf(setting.catalogue, v.net, 'mesh roll') }]),
];
