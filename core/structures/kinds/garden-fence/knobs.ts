import { SEEN_MM } from '../../../checks/check';
import { HURDLES } from '../../../catalogue/panels';
import { feet, inches } from '../../../quantity/length';
import type { PlaceOn } from '../../../site/stands/stands';
import { LEAST_DRIVEN_MM, LET_IN_MM } from '../../../statics/embedment';
import { fact } from '../../../wording/say';
import { footingKnobs } from '../../assemblies/footing';
import type { Knobs, Settled } from '../../knob';
import { LOW_CHOICES, meshesFor, needsOf, offeredLow, offeredRolls, rollChoices, rollOf } from '../../rules/barrier';
import { suggestDepth } from '../../rules/depth';
import { perMarket, TAPE_STEP, tidy, wholeStep } from '../../rules/tidy';
import { heavyPostKnobs, sectionKnob } from '../../rules/timber-knobs';
import { timberPost } from '../../rules/timber-post';
import { isOffered, type Setting } from '../../setting';

export type PathSetting = Setting<PlaceOn<'path'>>;

/** Stays square: every bay of it is level. */
const isFramed = (set: Settled): boolean => set.infill === 'framed' || set.infill === 'hurdles';
const isPickets = (set: Settled): boolean => set.infill === 'pickets';
/** Mesh of one kind or another, rather than wood. */
const isMesh = (set: Settled): boolean => set.infill === 'mesh' || set.infill === 'framed';
const offeredHurdles = (setting: Setting): string[] =>
  HURDLES.map(({ id }) => id).filter((id) => isOffered(setting, id));
/** Mesh off the roll, which goes into the soil and may be left loose at the top. */
const isRolled = (set: Settled): boolean => set.infill === 'mesh';
const isTimber = (set: Settled): boolean => set.posts === 'timber' || set.infill !== 'mesh';
/** Some of its posts are of timber: all, or those that a gate hangs on. */
const hasTimber = (set: Settled, { guests }: Pick<Setting, 'guests'>): boolean => isTimber(set) || guests.length > 0;
/** The slope of a path is worth a word. */
export const slopes = ({ place }: PathSetting): boolean =>
  place.spots.some((spot) => Math.abs(spot.groundMm - (place.spots[0]?.groundMm ?? 0)) > 5);

/** Boards and hurdles start this far over the soil, so that they do not rot (from memory). mm. */
export const BOARD_UP_MM = inches(2);

/** Posts stand this far over what they carry (from memory). mm. */
export const OVER_MM = inches(1);

/**
 * Bays equal and at most 8′, posts in concrete or driven, a six-foot fence on eight-foot posts; mesh,
 * height and burial from who visits (common practice, no source).
 */
export const GARDEN_FENCE_KNOBS = {
  infill: {
    type: 'choice',
    label: 'Filled with',
    group: 'Fence',
    choices: [
      { id: 'mesh', label: 'mesh off the roll, on the posts' },
      { id: 'framed', label: 'mesh in timber frames' },
      { id: 'boards', label: 'level boards' },
      { id: 'pickets', label: 'pickets on rails' },
      { id: 'hurdles', label: 'woven hurdles' },
    ],
    offered: (setting) => [
      'mesh',
      'framed',
      'boards',
      'pickets',
      ...(offeredHurdles(setting).length > 0 ? ['hurdles'] : []),
    ],
    help: 'Mesh keeps out what is small; boards and pickets keep out what pushes.',
    suggest: (setting) =>
      offeredRolls(setting).length > 0
        ? { value: 'mesh', why: fact('infill.mesh') }
        : { value: 'boards', why: fact('infill.boards') },
  },
  height: {
    type: 'length',
    label: 'Height over the soil',
    group: 'Fence',
    min: inches(12),
    max: feet(8),
    help: 'What is allowed at a boundary is a local rule: ask before you build.',
    suggest: (setting) => {
      const { heightMm } = needsOf(setting);
      const alone = needsOf({ ...setting, second: null });
      if (heightMm < alone.heightMm)
        return { value: wholeStep(heightMm, setting.market), why: fact('height.two', { one: { mm: alone.heightMm } }) };
      return heightMm > 0
        ? { value: wholeStep(heightMm, setting.market), why: fact('height.visitors') }
        : { value: perMarket(setting.market, 42, 1050), why: fact('height.usual') };
    },
  },
  mesh: {
    type: 'choice',
    label: 'Mesh',
    group: 'Fence',
    choices: rollChoices,
    offered: offeredRolls,
    help: 'As fine as who visits asks for, and as high as the fence with what goes into the soil.',
    shown: isMesh,
    suggest: (setting, set) => {
      const { buryMm } = needsOf(setting);
      const at = { heightMm: Number(set.height), belowMm: isRolled(set) ? buryMm : 0 };
      const found = meshesFor(setting, at);
      if (found) return { value: found.mesh, why: fact('mesh.visitors') };
      const rolls = offeredRolls(setting).toSorted((a, b) => rollOf(setting, b).heightMm - rollOf(setting, a).heightMm);
      return { value: rolls[0] ?? 'mesh-1-48', why: fact('mesh.tallest') };
    },
  },
  low: {
    type: 'choice',
    label: 'Finer mesh low down',
    group: 'Fence',
    choices: LOW_CHOICES,
    offered: offeredLow,
    help: 'A high, open fence for deer with a low one of wire for who is small or gnaws, on the same posts.',
    shown: isRolled,
    suggest: (setting, set) => {
      const at = { heightMm: Number(set.height), belowMm: needsOf(setting).buryMm };
      const low = isRolled(set) ? (meshesFor(setting, at, String(set.mesh))?.low ?? null) : null;
      return low === null ? { value: 'none', why: fact('low.none') } : { value: low, why: fact('low.fine') };
    },
  },
  top: {
    type: 'choice',
    label: 'Its top',
    group: 'Fence',
    choices: [
      { id: 'tight', label: 'fixed to the posts' },
      { id: 'loose', label: 'a foot left loose, bent outward' },
    ],
    help: 'What climbs swings back on a loose top.',
    shown: isRolled,
    suggest: (setting, set) =>
      isRolled(set) && needsOf(setting).looseTopMm > 0
        ? { value: 'loose', why: fact('top.climbs') }
        : { value: 'tight', why: fact('top.tight') },
  },
  dig: {
    type: 'choice',
    label: 'Against digging',
    group: 'Fence',
    choices: [
      { id: 'none', label: 'nothing' },
      { id: 'buried', label: 'mesh let into the soil' },
      { id: 'apron', label: 'mesh laid outward as an apron' },
    ],
    help: 'An apron is pegged flat and grows over; a trench is dug once.',
    shown: isRolled,
    suggest: (setting, set) =>
      isRolled(set) && needsOf(setting).buryMm > 0
        ? { value: 'buried', why: fact('dig.rabbits') }
        : { value: 'none', why: fact('dig.none') },
  },
  below: {
    type: 'length',
    label: 'Buried or laid out',
    group: 'Fence',
    min: inches(3),
    max: feet(2),
    help: 'Six inches deep, or a foot outward, stops rabbits.',
    shown: (set) => isRolled(set) && set.dig !== 'none',
    suggest: (setting, set) => {
      const { buryMm, apronMm } = needsOf(setting);
      return set.dig === 'apron'
        ? { value: tidy(Math.max(inches(12), apronMm), setting.market), why: fact('below.apron') }
        : { value: tidy(Math.max(inches(6), buryMm), setting.market), why: fact('below.buried') };
    },
  },
  hurdle: {
    type: 'choice',
    label: 'Hurdles',
    group: 'Fence',
    choices: HURDLES.map(({ id, name }) => ({ id, label: name })),
    offered: offeredHurdles,
    help: 'Woven in a few heights; posts come as close as they are wide.',
    shown: (set) => set.infill === 'hurdles',
    suggest: (setting, set) => {
      const offered = offeredHurdles(setting);
      const high = (id: string): number => HURDLES.find((one) => one.id === id)?.heightMm ?? 0;
      const under = offered.filter((id) => high(id) + BOARD_UP_MM <= Number(set.height) + SEEN_MM);
      return { value: under.at(-1) ?? offered[0] ?? 'hurdle-36', why: fact('hurdle.under') };
    },
  },
  board: {
    ...sectionKnob({
      label: 'Boards',
      group: 'Fence',
      help: 'Across the posts, from post to post.',
      of: ['1x6', '1x4', '22x145', '22x95'],
      usual: { imperial: ['1x6', '22x145'], metric: ['22x145', '1x6'] },
      shown: (set) => set.infill === 'boards',
    }),
  },
  boardGap: {
    type: 'length',
    label: 'Gap between boards',
    group: 'Fence',
    min: 0,
    max: inches(12),
    help: 'None for a screen, a hand for cows and dogs.',
    shown: (set) => set.infill === 'boards',
    suggest: (setting) => ({ value: perMarket(setting.market, 2, 50), why: fact('boards.wind') }),
  },
  picketOf: sectionKnob({
    label: 'Pickets of',
    group: 'Fence',
    help: 'Upright, on the outer faces of the rails.',
    of: ['1x4', '22x95', '1x3', '22x63', '1x6', '22x145'],
    usual: { imperial: ['1x4', '22x95', '1x3'], metric: ['22x95', '1x4', '22x63'] },
    shown: isPickets,
  }),
  picketGap: {
    type: 'length',
    label: 'Gap between pickets',
    group: 'Fence',
    min: 0,
    max: inches(6),
    help: 'At the most: every bay shares out its own. A hand stops dogs, an inch (25 mm) rabbits.',
    shown: isPickets,
    suggest: (setting) => {
      const usual = perMarket(setting.market, 2, 50);
      const { openingMm } = needsOf(setting);
      return openingMm < usual
        ? { value: Math.floor(openingMm / 5) * 5, why: fact('pickets.visitors') }
        : { value: usual, why: fact('pickets.gap') };
    },
  },
  picketTop: {
    type: 'choice',
    label: 'Tops of the pickets',
    group: 'Fence',
    choices: [
      { id: 'pointed', label: 'to a point' },
      { id: 'round', label: 'half round' },
      { id: 'square', label: 'square' },
    ],
    help: 'Pointed and round ones shed the rain.',
    shown: isPickets,
    suggest: () => ({ value: 'pointed', why: fact('pickets.rain') }),
  },
  topLine: {
    type: 'choice',
    label: 'Their top line',
    group: 'Fence',
    choices: [
      { id: 'straight', label: 'straight' },
      { id: 'hollow', label: 'hollow between the posts' },
      { id: 'arched', label: 'arched between the posts' },
    ],
    help: 'All are cut to lengths of their own where it is curved.',
    shown: isPickets,
    suggest: () => ({ value: 'straight', why: fact('top-line.straight') }),
  },
  topDepth: {
    type: 'length',
    label: 'How deep the curve is',
    group: 'Fence',
    min: inches(1),
    max: feet(1.5),
    help: 'In the middle of a bay, no more than a third of the height.',
    shown: (set) => isPickets(set) && set.topLine !== 'straight',
    suggest: (setting) => ({ value: perMarket(setting.market, 6, 150), why: fact('top-line.hand') }),
  },
  onSlope: {
    type: 'choice',
    label: 'On the slope',
    group: 'Fence',
    choices: [
      { id: 'racked', label: 'racked: follows the ground' },
      { id: 'stepped', label: 'stepped: every bay level' },
    ],
    help: 'Racked leaves no gap below; stepped keeps frames square.',
    shown: (set, setting) => slopes(setting) && !isFramed(set),
    suggest: (_setting, set) =>
      isFramed(set) ? { value: 'stepped', why: fact('slope.frames') } : { value: 'racked', why: fact('slope.racked') },
  },
  posts: {
    type: 'choice',
    label: 'Posts',
    group: 'Posts',
    choices: [
      { id: 'steel', label: 'studded steel, driven' },
      { id: 'timber', label: 'timber, set in' },
    ],
    help: 'Frames, boards and rails want timber; mesh hangs on either. A gate hangs on timber of its own.',
    shown: (set) => set.infill === 'mesh',
    suggest: (setting, set) =>
      set.infill === 'mesh' && isOffered(setting, 'steel-post') && Number(set.height) <= feet(5)
        ? { value: 'steel', why: fact('posts.steel') }
        : { value: 'timber', why: fact('posts.timber') },
  },
  bay: {
    type: 'length',
    label: 'Posts at most apart',
    group: 'Posts',
    min: feet(3),
    max: feet(12),
    help: 'Centre to centre; every stretch is divided.',
    suggest: (setting) =>
      setting.wind === 'exposed'
        ? { value: perMarket(setting.market, 72, 1800), why: fact('bay.windy') }
        : { value: perMarket(setting.market, 96, 2400), why: fact('bay.eight') },
  },
  bays: {
    type: 'choice',
    label: 'Bays',
    group: 'Posts',
    choices: [
      { id: 'equal', label: 'equal in every stretch' },
      { id: 'panel', label: 'all as long as the limit, a rest at the end' },
    ],
    help: 'Equal looks right; bays of one length take bought or repeated panels.',
    suggest: () => ({ value: 'equal', why: fact('bays.equal') }),
  },
  ...heavyPostKnobs('Posts', hasTimber),
  rail: sectionKnob({
    label: 'Frames, rails and braces of',
    group: 'Posts',
    help: 'Light timber, treated where it is sold so.',
    of: ['2x4', '45x95', '2x2', '45x45'],
    usual: { imperial: ['2x4', '45x95'], metric: ['45x95', '2x4'] },
    shown: (set) => set.infill === 'framed' || isPickets(set) || set.braces === 'braced',
  }),
  depth: {
    type: 'length',
    label: 'Depth in the ground, at least',
    group: 'Posts',
    min: inches(12),
    max: feet(4),
    help: 'A six-foot fence stands on eight-foot posts; posts beside a gate go below the frost.',
    suggest: (setting, set) => {
      const third = Number(set.height) * (setting.soil === 'sand' || setting.wind === 'exposed' ? 1 / 2 : 1 / 3);
      const least = isTimber(set) ? LET_IN_MM : LEAST_DRIVEN_MM;
      const value = Math.min(feet(4), Math.max(least, third));
      const aboveMm = Number(set.height) + OVER_MM;
      return suggestDepth(
        setting,
        least,
        {
          value: Math.ceil(value / TAPE_STEP[setting.market] - 1e-6) * TAPE_STEP[setting.market],
          why: fact(third > least ? 'depth.third' : 'depth.least'),
        },
        isTimber(set) ? timberPost(setting, set, aboveMm) : { aboveMm, sizesMm: setting.sizesOf('steel-post') },
      );
    },
  },
  footing: { ...footingKnobs('dry').footing, shown: hasTimber },
  gravel: { ...footingKnobs('dry').gravel, shown: hasTimber },
  braces: {
    type: 'choice',
    label: 'Ends and corners',
    group: 'Posts',
    choices: [
      { id: 'braced', label: 'braced' },
      { id: 'none', label: 'not braced' },
    ],
    help: 'A slanting brace into the next bay takes the pull of the mesh.',
    shown: (set) => set.infill === 'mesh',
    suggest: (_setting, set) =>
      set.infill === 'mesh'
        ? { value: 'braced', why: fact('braces.pull') }
        : { value: 'none', why: fact('braces.none') },
  },
} as const satisfies Knobs<PathSetting>;
