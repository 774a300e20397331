import { PANELS } from '../../../catalogue/panels';
import { timberId, TREATMENTS } from '../../../catalogue/timber';
import { leadPlant } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import { footingKnobs } from '../../assemblies/footing';
import type { Knobs, Values } from '../../knob';
import { mostGap } from '../../rules/gap';
import { offeredPanels, panelOf, suggestPanel } from '../../rules/panel-choice';
import { fallOf, reachOverBed, rowKnobs, stationsKnob, suggestGap } from '../../rules/row';
import { perMarket, tidy, wholeStep } from '../../rules/tidy';
import { heavyPostKnobs, sectionKnob } from '../../rules/timber-knobs';
import { depthKnob } from '../../rules/timber-post';
import { isOffered, type BedSetting } from '../../setting';

/** What a 4×4 takes, and what is left of the middle post where a first rail ends on it (DOC PS 20-20, table 3: a nominal 4 is 3½″ dry). mm. */
const POST_MM = inches(3.5);

/**
 * The clear gap: one panel less what the posts take, and no more than a first rail of the longest on sale spans
 * twice, from the outside of the end post to the middle of the third. mm.
 */
function suggestBay(setting: BedSetting) {
  const usual = perMarket(setting.market, 92, 2340);
  const longestOf = (section: string): number =>
    Math.max(0, ...TREATMENTS.flatMap((treatment) => setting.sizesOf(timberId(section, treatment))));
  const [usualRail, otherRail] = setting.market === 'imperial' ? ['2x4', '45x95'] : ['45x95', '2x4'];
  const longest = longestOf(usualRail) || longestOf(otherRail);
  const twice = longest > 0 ? wholeStep((longest - POST_MM / 2) / 2 - POST_MM, setting.market) : usual;
  return twice < usual && twice >= feet(5)
    ? { value: twice, why: fact('bay.rail', { rail: { mm: longest } }) }
    : { value: usual, why: fact('bay.clear') };
}

const HEAVY = PANELS.filter((panel) => panel.carries === 'heavy');
/** A panel to a bay, between posts that stand whatever the panel is (from memory). */
const RUN = { lapMeshes: 0, postSpacingMm: feet(8), postMinor: 0 } as const;

/** Room for a hand under the bottom rail (from memory). mm. */
export const LEAST_GAP_MM = inches(2);

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
    help: 'At most this when the row is divided; exactly this when it is repeated. Between the posts, or centre to centre.',
    suggest: (setting, set) =>
      set.bays === 'centres'
        ? { value: perMarket(setting.market, 96, 2400), why: fact('bay.centres') }
        : suggestBay(setting),
  },
  ...heavyPostKnobs('Posts'),
  ...footingKnobs('dry'),
  topBlock: {
    type: 'length',
    label: 'Post above the top rail',
    group: 'Posts',
    min: 0,
    max: inches(12),
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
    min: LEAST_GAP_MM,
    max: feet(4),
    help: 'At the high point: the rails are level, the ground is not.',
    suggest: (setting, set) => {
      const fallMm = fallOf(setting, Number(set.rowLength));
      const { heightMm } = panelOf(setting, String(set.panel));
      const wanted = suggestGap(setting, heightMm, fallMm);
      const most = wholeStep(reachOverBed(setting) - heightMm - fallMm, setting.market);
      const usual = perMarket(setting.market, 10, 250);
      if (usual > most) return { value: Math.max(LEAST_GAP_MM, most), why: fact('gap.reach') };
      if (wanted.value >= usual) return wanted;
      // A crop that flops below a rail at that height is worth bending for it.
      const low = Math.min(usual, Math.max(perMarket(setting.market, 2, 50), tidy(mostGap(setting), setting.market)));
      return setting.planted.length > 0 && low < usual - 1
        ? { value: low, why: fact('rails.crop', { crop: leadPlant(setting)?.crop.name ?? '' }) }
        : { value: usual, why: fact('rails.ground') };
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
    first: true,
    choices: HEAVY.map((panel) => ({ id: panel.id, label: panel.name })),
    offered: (setting) => offeredPanels(setting, HEAVY),
    help: 'Only panels that have a price in your price book are offered.',
    suggest: (setting) => suggestPanel(setting, RUN, HEAVY),
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
    help: '1½″ (40 mm) roofing screws with 1″ (25 mm) washers carry the load; staples only help.',
    suggest: () => ({ value: 'screws', why: fact('fixing.carry') }),
  },
  // Of the post on the highest ground.
  ...depthKnob((set, setting) => Number(set.gap) + panelOf(setting, String(set.panel)).heightMm + Number(set.topBlock)),
} as const satisfies Knobs<BedSetting>;

export type RailTrellisValues = Values<typeof RAIL_TRELLIS_KNOBS>;
