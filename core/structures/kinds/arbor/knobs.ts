import { MESH_ROLLS } from '../../../catalogue/panels';
import { SECTIONS, timberId } from '../../../catalogue/timber';
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
import { isOffered } from '../../setting';
import { heavyPostKnobs, sectionKnob } from '../../rules/timber-knobs';
import { heavyDepth } from '../../rules/timber-post';
import { NO_FILL } from '../../../statics/embedment';

/** How wide a square post is. mm. */
export const postMm = (set: Settled): number => (set.section === '90x90' ? 90 : inches(3.5));

/** Clear between the posts where they stand on the way, against the beds. mm. */
export const onTheWay = ({ place }: WaySetting, set: Settled): number | null => {
  const way = asPlace(place, 'beds')?.way;
  return way ? Math.max(0, way.wideMm - 2 * postMm(set)) : null;
};

/** One beam on the tops of the posts, or two, a board on each face of them. */
export type BeamSort = 'on top' | 'paired';

/** How high a beam is on edge. mm. */
const beamMm = ({ beamOf }: Settled): number => SECTIONS.find(({ id }) => id === beamOf)?.wideMm ?? 0;

/** Of two beams' height, so far up between them a brace goes (from memory). mm. */
export const headUpMm = (beamHighMm: number): number => 0.7 * beamHighMm;

/** How high the posts stand: under the beams, or up between two of them. mm. */
export const postTopMm = (set: Settled): number => Number(set.headroom) + (sortOf(set) === 'paired' ? beamMm(set) : 0);

const POSTS = heavyPostKnobs('Posts');
const FOOTINGS = footingKnobs('dry');

/** Posts of a line stand clear of each other by a hand at the least (from memory). mm. */
const LEAST_BAY_MM = inches(6);
/** As many bays as are asked for and find room. */
export const baysOf = (set: Settled): number =>
  Math.max(1, Math.min(Number(set.bays), Math.floor((Number(set.long) - postMm(set)) / (postMm(set) + LEAST_BAY_MM))));

/** How far braces really go: those of two posts do not meet in the middle of the bay (from memory: a tenth of it stays free). mm. */
export function legOf(set: Settled, askedMm = Number(set.braceLeg)): number {
  const post = postMm(set);
  const clear = set.beams === 'across' ? Number(set.inside) : (Number(set.long) - post) / baysOf(set) - post;
  // Between two beams their heads go up past the corner, and reach out as much farther.
  const leg = Math.min(askedMm, clear * 0.45 - (sortOf(set) === 'paired' ? headUpMm(beamMm(set)) : 0));
  return leg < LEAST_BRACE_MM ? 0 : leg;
}
/** Shorter than this a brace does nothing (from memory). mm. */
const LEAST_BRACE_MM = inches(8);

/** Woody climbers that live on for decades weigh on a roof (common practice, no source). */
const carriesMuch = ({ planted }: WaySetting): boolean =>
  planted.some(({ crop }) => crop.load === 'heavy' && crop.years !== undefined && crop.years.winter === 'stands');

/** Between two lines of paired beams there has to be room for a driver and a hand (from memory). mm. */
const DRIVER_ROOM_MM = inches(20);
const driverFits = (set: Settled): boolean =>
  (set.beams === 'across' ? (Number(set.long) - postMm(set)) / baysOf(set) - postMm(set) : Number(set.inside)) >=
  DRIVER_ROOM_MM;

/** How the beams are really laid: in pairs only where they find room. */
export const sortOf = (set: Settled): BeamSort => (set.beamSort === 'paired' && driverFits(set) ? 'paired' : 'on top');

const hasSlats = (set: Settled): boolean => set.sides === 'slats';
const isWooden = (set: Settled): boolean => set.sides !== 'open' && set.sides !== 'wires';

/** Mesh that a hand goes through, by how stiff it is between slats. */
const SIDE_ROLLS = ['mesh-4-welded', 'mesh-garden', 'mesh-cage-60', 'mesh-cage-72'] as const;
const sideRolls = (setting: WaySetting): string[] => SIDE_ROLLS.filter((id) => isOffered(setting, id));

/** More strings than this a side are a net (from memory). */
const MOST_STRINGS = 60;

/** Whether it stands on what plates can be bolted to. */
const isOnSlab = ({ place }: WaySetting): boolean => asPlace(place, 'spot')?.underfoot.is === 'paving';
const isLetIn = (set: Settled): boolean => set.feet !== 'plates';

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
    help: 'On edge.',
  }),
  beamSort: {
    type: 'choice',
    label: 'Beams are',
    group: 'Roof',
    choices: [
      { id: 'on top', label: 'single, on the tops of the posts' },
      { id: 'paired', label: 'paired, a board on each face of the posts' },
    ],
    help: 'Two boards carry twice as much and cannot roll; the posts go up between them.',
    offered: (_setting, set) => ['on top', ...(driverFits(set) ? ['paired'] : [])],
    suggest: (setting, set) =>
      carriesMuch(setting) && driverFits(set)
        ? { value: 'paired', why: fact('beams.paired') }
        : { value: 'on top', why: fact('beams.on-top') },
  },
  feet: {
    type: 'choice',
    label: 'Posts stand',
    group: 'Posts',
    choices: [
      { id: 'ground', label: 'in the ground' },
      { id: 'shoes', label: 'on metal shoes in concrete' },
      { id: 'plates', label: 'on plates bolted to a slab' },
    ],
    help: 'On shoes or plates wood stays dry, and only braces keep it upright.',
    offered: (setting) => [
      'ground',
      ...(isOffered(setting, 'post-shoe') && isOffered(setting, 'concrete-mix') ? ['shoes'] : []),
      ...(isOnSlab(setting) && isOffered(setting, 'post-plate') && isOffered(setting, 'anchor-bolt') ? ['plates'] : []),
    ],
    suggest: (setting) =>
      isOnSlab(setting) ? { value: 'plates', why: fact('feet.slab') } : { value: 'ground', why: fact('feet.ground') },
  },
  depth: {
    type: 'length',
    label: 'Depth in the ground',
    group: 'Posts',
    min: inches(12),
    max: feet(5),
    help: 'Of the posts, or of the concrete under their shoes: below the frost where it heaves.',
    shown: isLetIn,
    suggest: (setting, set) => {
      const usual = heavyDepth(setting);
      const frost = setting.site.frostDepthMm;
      return suggestDepth(
        setting,
        Math.max(LET_IN_MM, frost),
        frost > usual.value ? { value: frost, why: fact('depth.frost') } : usual,
        {
          aboveMm: postTopMm(set) + SPARE_MM,
          sizesMm: setting.sizesOf(timberId(String(set.section), String(set.treatment))),
        },
        NO_FILL,
      );
    },
  },
  footing: { ...FOOTINGS.footing, shown: (set: Settled) => set.feet === 'ground' },
  gravel: { ...FOOTINGS.gravel, shown: isLetIn },
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
  roof: {
    type: 'choice',
    label: 'Over the rafters',
    group: 'Roof',
    choices: [
      { id: 'open', label: 'nothing: shoots lie on the rafters' },
      { id: 'slats', label: 'slats, for shade at once' },
      { id: 'wires', label: 'wires, for thin shoots' },
    ],
    help: 'Slats shade before anything grows; wires lead vines over the gaps.',
    suggest: () => ({ value: 'open', why: fact('roof.rafters') }),
  },
  shade: {
    type: 'count',
    label: 'Shade of the slats, %',
    group: 'Roof',
    min: 15,
    max: 85,
    help: 'Of what comes from straight above; of a low sun they stop more.',
    shown: (set) => set.roof === 'slats',
    suggest: () => ({ value: 50, why: fact('shade.half') }),
  },
  roofSlatOf: sectionKnob({
    label: 'Slats of the roof of',
    group: 'Roof',
    of: ['2x2', '45x45', '1x2', '1x3', '22x38', '22x63'],
    usual: { imperial: ['2x2', '45x45', '1x3', '22x63'], metric: ['45x45', '2x2', '22x63', '1x3'] },
    help: 'Across the rafters; 2×2 does not sag between them.',
    shown: (set) => set.roof === 'slats',
  }),
  wireEvery: {
    type: 'length',
    label: 'Roof wires at most apart',
    group: 'Roof',
    min: inches(4),
    max: feet(3),
    help: 'Over the rafters, along the beams.',
    shown: (set) => set.roof === 'wires',
    suggest: (setting) => ({ value: perMarket(setting.market, 12, 300), why: fact('wires.foot') }),
  },
  sides: {
    type: 'choice',
    label: 'Sides',
    group: 'Sides',
    choices: [
      { id: 'slats', label: 'slats from post to post' },
      { id: 'lattice', label: 'a lattice: laths up over the slats' },
      { id: 'mesh', label: 'mesh on a few slats' },
      { id: 'wires', label: 'level wires' },
      { id: 'open', label: 'open' },
    ],
    help: 'What climbs the sides is led through them and tied.',
    offered: (setting) => [
      'slats',
      'lattice',
      ...(sideRolls(setting).length > 0 ? ['mesh'] : []),
      ...(isOffered(setting, 'line-wire') ? ['wires'] : []),
      'open',
    ],
    suggest: () => ({ value: 'slats', why: fact('sides.climb') }),
  },
  sideMesh: {
    type: 'choice',
    label: 'Mesh of the sides',
    group: 'Sides',
    choices: SIDE_ROLLS.map((id) => ({ id, label: MESH_ROLLS.find((roll) => roll.id === id)?.name ?? id })),
    offered: sideRolls,
    help: 'In one run where it is wide enough, else in strips that stand.',
    shown: (set) => set.sides === 'mesh',
    suggest: (setting) => ({ value: sideRolls(setting)[0] ?? 'mesh-4-welded', why: fact('mesh.hand') }),
  },
  slatOf: sectionKnob({
    label: 'Slats of',
    group: 'Sides',
    of: ['1x2', '1x3', '22x38', '22x63'],
    usual: { imperial: ['1x2', '22x38', '1x3', '22x63'], metric: ['22x38', '1x2', '22x63', '1x3'] },
    help: 'Flat on the outsides of the posts.',
    shown: isWooden,
  }),
  slatEvery: {
    type: 'length',
    label: 'A slat or wire every',
    group: 'Sides',
    min: inches(4),
    max: feet(2),
    help: 'From the beams down; laths over slats stand as far apart.',
    shown: (set) => set.sides !== 'open' && set.sides !== 'mesh',
    suggest: (setting) => ({ value: perMarket(setting.market, 10, 250), why: fact('slats.ten') }),
  },
  slatFrom: {
    type: 'length',
    label: 'Lowest slat or wire',
    group: 'Sides',
    min: inches(2),
    max: feet(4),
    help: 'Above the path.',
    shown: (set) => set.sides !== 'open',
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
