import { PANELS } from '../../../catalogue/panels';
import { stockOf } from '../../../catalogue/catalogue';
import { feet, inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import { footingKnobs } from '../../rules/footing';
import type { Knobs, Values } from '../../knob';
import { isOffered, type BedSetting } from '../../setting';
import { rowKnobs, stationsKnob, suggestGap } from '../../rules/row';
import { perMarket, TAPE_STEP } from '../../rules/tidy';
import { depthKnob } from '../../rules/timber-post';
import { heavyPostKnobs, sectionKnob } from '../../rules/timber-knobs';

const offeredPanels = (setting: BedSetting): string[] =>
  PANELS.filter((panel) => panel.carries === 'heavy' && isOffered(setting, panel.id)).map((panel) => panel.id);
const ASKED_FOR = {
  imperial: ['panel-8ft', 'panel-16ft', 'panel-3m'],
  metric: ['panel-2m5-narrow', 'panel-3m', 'panel-16ft'],
} as const;

/**
 * 4×4 posts 24″ deep on 4″ of gravel in dry, crowned concrete; two 2×4 rails a side with staggered
 * joints; rails 10″ off the ground at its high point (common practice, no source). The 90″ clear bay
 * is the trade's worked value.
 */
export const RAIL_TRELLIS_KNOBS = {
  ...rowKnobs(200, 'Outside to outside of the end posts, by a tape laid on the soil.'),
  ...stationsKnob('inset'),
  bays: {
    type: 'choice',
    label: 'Bays',
    group: 'Posts',
    choices: [
      { id: 'divide', label: 'divide the row' },
      { id: 'clear', label: 'by clear gap' },
      { id: 'centres', label: 'by centres' },
    ],
    help: 'Divide the row into equal bays, or repeat a chosen one as often as the row holds.',
    suggest: () => ({ value: 'divide', why: fact('bays.divide') }),
  },
  bay: {
    type: 'length',
    label: 'Bay',
    group: 'Posts',
    min: feet(2),
    max: feet(10),
    step: TAPE_STEP,
    help: 'At most this when the row is divided; exactly this when it is repeated. Between the posts, or centre to centre.',
    suggest: (setting, set) =>
      set.bays === 'centres'
        ? { value: perMarket(setting.market, 96, 2400), why: fact('bay.centres') }
        : { value: perMarket(setting.market, 92, 2340), why: fact('bay.clear') },
  },
  ...heavyPostKnobs('Posts'),
  ...depthKnob,
  ...footingKnobs('dry'),
  topBlock: {
    type: 'length',
    label: 'Post above the top rail',
    group: 'Posts',
    min: 0,
    max: inches(12),
    step: TAPE_STEP,
    help: 'All tops are trimmed to one height with a block of this thickness on the rail.',
    suggest: (setting) => ({ value: perMarket(setting.market, 1, 25), why: fact('block.trim') }),
  },
  caps: {
    type: 'choice',
    label: 'Post tops',
    group: 'Posts',
    choices: [
      { id: 'cap', label: 'capped' },
      { id: 'bare', label: 'bare' },
    ],
    help: 'End grain rots from the top.',
    offered: (setting) => ['bare', ...(isOffered(setting, 'post-cap') ? ['cap'] : [])],
    suggest: (setting) =>
      isOffered(setting, 'post-cap')
        ? { value: 'cap', why: fact('caps.rot') }
        : { value: 'bare', why: fact('caps.none') },
  },
  railSection: sectionKnob({
    label: 'Rails of',
    group: 'Rails',
    of: ['2x4', '45x95'],
    usual: { imperial: ['2x4', '45x95'], metric: ['45x95', '2x4'] },
    help: 'On the faces of the posts, wide side up and down.',
  }),
  railSides: {
    type: 'choice',
    label: 'Rails on',
    group: 'Rails',
    choices: [
      { id: 'both', label: 'both sides' },
      { id: 'front', label: 'the front' },
    ],
    help: 'Two rails a side; a shelf needs both.',
    suggest: () => ({ value: 'both', why: fact('rails.both') }),
  },
  gap: {
    type: 'length',
    label: 'Bottom rail above the ground',
    group: 'Rails',
    min: inches(2),
    max: feet(4),
    step: TAPE_STEP,
    help: 'At the high point: the rails are level, the ground is not.',
    suggest: (setting) => {
      const wanted = suggestGap(setting);
      const least = perMarket(setting.market, 10, 250);
      return wanted.value >= least ? wanted : { value: least, why: fact('rails.ground') };
    },
  },
  stagger: {
    type: 'choice',
    label: 'Joints',
    group: 'Rails',
    choices: [
      { id: 'yes', label: 'staggered' },
      { id: 'no', label: 'in line' },
    ],
    help: 'One side starts with a short rail, so that no post has all its rails broken on it.',
    suggest: () => ({ value: 'yes', why: fact('stagger.yes') }),
  },
  panel: {
    type: 'choice',
    label: 'Panel',
    group: 'Panels',
    choices: PANELS.filter((panel) => panel.carries === 'heavy').map((panel) => ({ id: panel.id, label: panel.name })),
    offered: offeredPanels,
    help: 'Only panels that have a price in your price book are offered.',
    suggest: (setting) => {
      const offered = offeredPanels(setting);
      return {
        value:
          ASKED_FOR[setting.market].find((id) => offered.includes(id)) ?? offered[0] ?? ASKED_FOR[setting.market][0],
        why: fact('panel.usual'),
      };
    },
  },
  hang: {
    type: 'choice',
    label: 'Panels stand',
    group: 'Panels',
    choices: [
      { id: 'between', label: 'between the posts' },
      { id: 'behind', label: 'behind the posts' },
    ],
    help: 'Between: cut to each gap. Behind: whole panels run past the posts.',
    suggest: () => ({ value: 'between', why: fact('hang.between') }),
  },
  cutAt: {
    type: 'choice',
    label: 'Panels cut',
    group: 'Panels',
    choices: [
      { id: 'wire', label: 'beside a wire' },
      { id: 'gap', label: 'to the exact gap' },
    ],
    help: 'Beside a wire the edge can be fixed; what is less than a mesh is left open.',
    shown: (set) => set.hang === 'between',
    suggest: () => ({ value: 'wire', why: fact('cut.wire') }),
  },
  shelf: {
    type: 'choice',
    label: 'Shelf strips',
    group: 'Panels',
    choices: [
      { id: 'none', label: 'none' },
      { id: 'top', label: 'on the top rails' },
      { id: 'both', label: 'top and bottom' },
    ],
    help: 'A panel split lengthways gives four narrow strips that lie flat on the rails of both sides.',
    shown: (set) => set.railSides === 'both',
    suggest: (setting) =>
      setting.planted.some((one) => one.crop.slung !== 'never')
        ? { value: 'top', why: fact('shelf.fruit') }
        : { value: 'none', why: fact('shelf.none') },
  },
  fixing: {
    type: 'choice',
    label: 'Panels held by',
    group: 'Panels',
    choices: [
      { id: 'screws', label: 'screws and washers' },
      { id: 'more', label: 'with staples between' },
      { id: 'staples', label: 'staples alone' },
    ],
    help: '1½″ roofing screws with 1″ washers carry the load; staples only help.',
    suggest: () => ({ value: 'screws', why: fact('fixing.carry') }),
  },
} as const satisfies Knobs<BedSetting>;

export type RailTrellisValues = Values<typeof RAIL_TRELLIS_KNOBS>;

export const panelOf = (setting: BedSetting, id: string) => stockOf(setting.catalogue, id, 'panel');
