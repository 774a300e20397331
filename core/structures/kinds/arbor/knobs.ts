import { timberId } from '../../../catalogue/timber';
import { feet, inches } from '../../../quantity/length';
import { asPlace } from '../../../site/stands/stands';
import { LET_IN_MM } from '../../../statics/embedment';
import { fact } from '../../../wording/say';
import { footingKnobs } from '../../assemblies/footing';
import { stringsFor, stringsWhere, THIN_BOARD_MM, twineKnob } from '../../assemblies/strings-up';
import type { Knobs, Settled, Values } from '../../knob';
import { SPARE_MM, suggestDepth } from '../../rules/depth';
import { hangFor, schoolKnob, statureOf, type WaySetting } from '../../rules/over-way';
import { endShapeKnob } from '../../rules/shaped-end';
import { perMarket } from '../../rules/tidy';
import { heavyPostKnobs, sectionKnob } from '../../rules/timber-knobs';
import { heavyDepth } from '../../rules/timber-post';
import { NO_FILL } from '../../../statics/embedment';

/** How wide a square post is. mm. */
const postMm = (set: Settled): number => (set.section === '90x90' ? 90 : inches(3.5));

/** Clear between the posts where they stand on the way, against the beds. mm. */
export const onTheWay = ({ place }: WaySetting, set: Settled): number | null => {
  const way = asPlace(place, 'beds')?.way;
  return way ? Math.max(0, way.wideMm - 2 * postMm(set)) : null;
};

const POSTS = heavyPostKnobs('Posts');

/** How far braces really go: those of two posts do not meet in the middle of the bay (from memory: a tenth of it stays free). mm. */
export function legOf(set: Settled, askedMm = Number(set.braceLeg)): number {
  const post = postMm(set);
  const clear = set.beams === 'across' ? Number(set.inside) : (Number(set.long) - post) / Number(set.bays) - post;
  const leg = Math.min(askedMm, clear * 0.45);
  return leg < LEAST_BRACE_MM ? 0 : leg;
}
/** Shorter than this a brace does nothing (from memory). mm. */
const LEAST_BRACE_MM = inches(8);

const hasSlats = (set: Settled): boolean => set.sides === 'slats';

/** More strings than this a side are a net (from memory). */
const MOST_STRINGS = 60;

/** As many strings a side as what climbs there wants. */
export const stringsAside = (setting: WaySetting, set: Settled): number =>
  stringsFor(Number(set.long), setting.planted, MOST_STRINGS);

/**
 * Headroom 7½′, 8′ under hanging flowers; inside 4½ to 5′ for two abreast; posts to about 8′ apart; rafters 12 to 24″
 * apart, 8 to 12″ over at both ends; knee braces about 2′ down and 2′ along (all from memory). Four 4×4 posts, two
 * shaped beams, rafters of equal space and overhang to one template (common practice, no source).
 */
export const ARBOR_KNOBS = {
  inside: {
    type: 'length',
    label: 'Clear between the posts',
    group: 'Shape',
    min: feet(2),
    max: feet(10),
    help: 'What is walked through. A barrow wants 3′ (900 mm), two side by side 4½′ (1350 mm).',
    suggest: (setting, set) => {
      const free = onTheWay(setting, set);
      return free === null
        ? { value: perMarket(setting.market, 54, 1350), why: fact('inside.two') }
        : { value: Math.max(feet(2), Math.min(feet(10), free)), why: fact('inside.way') };
    },
  },
  bays: {
    type: 'count',
    label: 'Bays',
    group: 'Shape',
    min: 1,
    max: 6,
    help: 'One has four posts and is an arbor; with more of them it is a pergola.',
    suggest: () => ({ value: 1, why: fact('bays.one') }),
  },
  long: {
    type: 'length',
    label: 'Length, over the posts',
    group: 'Shape',
    min: feet(2),
    max: feet(48),
    help: 'Along the way that is walked, from the outside of the first post to the outside of the last.',
    usualMost: (setting) => (asPlace(setting.place, 'beds') ? feet(20) : feet(24)),
    suggest: (setting, set) => {
      const bays = Number(set.bays);
      const usual = bays === 1 ? perMarket(setting.market, 36, 900) : bays * perMarket(setting.market, 84, 2100);
      const way = asPlace(setting.place, 'beds')?.way.lengthMm;
      return way !== undefined && way < usual
        ? { value: Math.max(feet(2), way), why: fact('long.way') }
        : { value: usual, why: fact(bays === 1 ? 'long.arbor' : 'long.bays') };
    },
  },
  hang: {
    type: 'length',
    label: 'What hangs down',
    group: 'Shape',
    min: 0,
    max: feet(3),
    help: 'Flowers, fruit and shoots that hang into the walkway.',
    suggest: hangFor,
  },
  headroom: {
    type: 'length',
    label: 'Headroom, under the beams',
    group: 'Shape',
    min: feet(6),
    max: feet(10),
    help: 'From the path to their underside; what hangs from them is taken off below.',
    suggest: (setting, set) => {
      const usual = perMarket(setting.market, 90, 2280);
      const step = setting.market === 'imperial' ? inches(1) : 10;
      const upright = Math.ceil((statureOf(setting) + Number(set.hang) + inches(2.5)) / step) * step;
      return upright > usual
        ? { value: Math.min(feet(10), upright), why: fact('headroom.hang', { hang: { mm: Number(set.hang) } }) }
        : { value: usual, why: fact('headroom.usual') };
    },
  },
  section: { ...POSTS.section, first: true },
  treatment: POSTS.treatment,
  depth: {
    type: 'length',
    label: 'Depth in the ground',
    group: 'Posts',
    min: inches(12),
    max: feet(5),
    help: 'Below the frost where it heaves: it carries a roof.',
    suggest: (setting, set) => {
      const usual = heavyDepth(setting);
      const frost = setting.site.frostDepthMm;
      return suggestDepth(
        setting,
        Math.max(LET_IN_MM, frost),
        frost > usual.value ? { value: frost, why: fact('depth.frost') } : usual,
        {
          aboveMm: Number(set.headroom) + SPARE_MM,
          sizesMm: setting.sizesOf(timberId(String(set.section), String(set.treatment))),
        },
        NO_FILL,
      );
    },
  },
  ...footingKnobs('dry'),
  beams: {
    type: 'choice',
    label: 'Beams run',
    group: 'Roof',
    choices: [
      { id: 'across', label: 'across the way, front and back' },
      { id: 'along', label: 'along both sides' },
    ],
    help: 'The rafters lie square to them on top.',
    suggest: (_setting, set) =>
      Number(set.bays) > 1
        ? { value: 'along', why: fact('beams.along') }
        : { value: 'across', why: fact('beams.across') },
  },
  beamOf: sectionKnob({
    label: 'Beams of',
    group: 'Roof',
    of: ['2x6', '2x8', '45x145', '45x195'],
    usual: { imperial: ['2x6', '45x145', '2x8', '45x195'], metric: ['45x145', '2x6', '45x195', '2x8'] },
    help: 'On edge, on the tops of the posts.',
  }),
  beamOver: {
    type: 'length',
    label: 'Beams stand out by',
    group: 'Roof',
    min: 0,
    max: feet(3),
    help: 'Past the outsides of the posts, at both ends alike.',
    suggest: (setting) => ({ value: perMarket(setting.market, 12, 300), why: fact('over.foot') }),
  },
  beamEnds: endShapeKnob({ label: 'Ends of the beams', group: 'Roof' }),
  rafterOf: sectionKnob({
    label: 'Rafters of',
    group: 'Roof',
    of: ['2x4', '2x6', '45x95', '45x145'],
    usual: { imperial: ['2x4', '45x95', '2x6', '45x145'], metric: ['45x95', '2x4', '45x145', '2x6'] },
    help: 'On edge, on the beams.',
  }),
  rafterEvery: {
    type: 'length',
    label: 'Rafters at most apart',
    group: 'Roof',
    min: inches(6),
    max: feet(3),
    help: 'Middle to middle; the spaces are made equal.',
    suggest: (setting) => ({ value: perMarket(setting.market, 16, 400), why: fact('rafters.usual') }),
  },
  rafterOver: {
    type: 'length',
    label: 'Rafters stand out by',
    group: 'Roof',
    min: 0,
    max: feet(3),
    help: 'Past the outsides of the posts, at both ends alike.',
    suggest: (setting) => ({ value: perMarket(setting.market, 10, 250), why: fact('over.rafters') }),
  },
  rafterEnds: endShapeKnob({ label: 'Ends of the rafters', group: 'Roof' }),
  braceLeg: {
    type: 'length',
    label: 'Knee braces, along and down',
    group: 'Roof',
    min: 0,
    max: feet(4),
    help: 'From the corner of post and beam, both ways alike. Nought for none.',
    suggest: (setting, set) => {
      const usual = perMarket(setting.market, 18, 450);
      const most = Math.floor(legOf(set, usual) / 10) * 10;
      return most < usual - 10
        ? { value: most, why: fact('brace.narrow') }
        : { value: usual, why: fact('brace.usual') };
    },
  },
  sides: {
    type: 'choice',
    label: 'Sides',
    group: 'Sides',
    choices: [
      { id: 'slats', label: 'slats from post to post' },
      { id: 'open', label: 'open' },
    ],
    help: 'What climbs the sides is led through the slats and tied.',
    suggest: () => ({ value: 'slats', why: fact('sides.climb') }),
  },
  slatOf: sectionKnob({
    label: 'Slats of',
    group: 'Sides',
    of: ['1x2', '1x3', '22x38', '22x63'],
    usual: { imperial: ['1x2', '22x38', '1x3', '22x63'], metric: ['22x38', '1x2', '22x63', '1x3'] },
    help: 'Flat on the outsides of the posts.',
    shown: hasSlats,
  }),
  slatEvery: {
    type: 'length',
    label: 'A slat every',
    group: 'Sides',
    min: inches(4),
    max: feet(2),
    help: 'From the beams down.',
    shown: hasSlats,
    suggest: (setting) => ({ value: perMarket(setting.market, 10, 250), why: fact('slats.ten') }),
  },
  slatFrom: {
    type: 'length',
    label: 'Lowest slat',
    group: 'Sides',
    min: inches(2),
    max: feet(4),
    help: 'Above the path.',
    shown: hasSlats,
    suggest: (setting) => ({ value: perMarket(setting.market, 12, 300), why: fact('slats.low') }),
  },
  strings: {
    type: 'count',
    label: 'Strings a side',
    group: 'Sides',
    min: 0,
    max: MOST_STRINGS,
    help: 'From the lowest slat to the top one, a turn round each: for thin tendrils and leaf stalks.',
    shown: hasSlats,
    suggest: (setting, set) => stringsWhere(setting, THIN_BOARD_MM, () => stringsAside(setting, set)),
  },
  twine: twineKnob({ group: 'Sides', shown: (set) => hasSlats(set) && Number(set.strings) > 0 }),
  school: schoolKnob({ group: 'Sides', along: 'Along both sides' }),
} as const satisfies Knobs<WaySetting>;

export type ArborValues = Values<typeof ARBOR_KNOBS>;
