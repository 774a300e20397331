import { RISES_MM, ROOTS_MM } from '../../../checks/wick-rises';
import { UNTIED_MM, UNTIED_ON_FLOOR_MM } from '../../../checks/bed-tied';
import { BLOCKS, blockStock } from '../../../catalogue/masonry';
import { POLES } from '../../../catalogue/posts-and-poles';
import { SECTIONS, timberId } from '../../../catalogue/timber';
import { feet, inches } from '../../../quantity/length';
import { isOnFloor, narrows } from '../../../site/bed';
import { fact } from '../../../wording/say';
import type { Knobs, Settled, Values } from '../../knob';
import { floorKnob } from '../../rules/floor-mesh';
import { perMarket } from '../../rules/tidy';
import { lastingTimber, sectionKnob, treatmentKnob } from '../../rules/timber-knobs';
import { isOffered, type BedSetting } from '../../setting';

const WHOLE_BLOCKS = BLOCKS.filter(({ half }) => half !== null);
const isOf =
  (make: string) =>
  (set: Settled): boolean =>
    set.make === make;
/** Pins in cores hold in the ground, or nowhere. */
const canPin = (setting: BedSetting): boolean =>
  !isOnFloor(setting.place.bed) && isOffered(setting, 'concrete-mix') && isOffered(setting, 'rod-10');
const isFilled = (set: Settled): boolean => set.fill !== 'none';

/** Woven cloth on the ground. */
const CLOTH = 'planter-cloth';

/** Logs as thick as they are carried (the catalogue’s). */
export const LOG = 'log-150';
const LOG_MM = POLES.find(({ id }) => id === LOG)?.diameterMm ?? inches(6);

/** Two rails one over the other, with sheet seen between them (from memory). mm. */
const LEAST_METAL_MM = inches(9);
/** Corrugated sheet, and what is asked for to build with it. */
export const SHEET = 'sheet-corrugated';

/** Wire that sides are tied across with. */
export const TIE = 'guy-wire';

/** Boards that are laid on a rim. */
const CAPS = ['2x6', '45x145'] as const;
type Cap = (typeof CAPS)[number];
/** Boards, and rails, are screwed to posts inside. */
export const hasPosts = ({ make }: Settled): boolean => make === 'boards' || make === 'metal';
/** What is sawn square has room for it. */
export const takesCap = (set: Settled): boolean => ['boards', 'timbers', 'metal'].includes(String(set.make));
const sectionName = (id: string): string => SECTIONS.find((one) => one.id === id)?.nominal ?? id;

/** How high one course of it is: sheet is cut as high as is asked for, in one. mm. */
export function courseMm(set: Settled): number {
  if (set.make === 'logs') return LOG_MM;
  if (set.make === 'metal') return Math.max(LEAST_METAL_MM, Number(set.high));
  if (set.make === 'blocks') return blockStock(String(set.block)).highMm;
  const section = String(set.make === 'timbers' ? set.timber : set.board);
  return SECTIONS.find(({ id }) => id === section)?.wideMm ?? inches(5.5);
}

/** How many courses come nearest to the height asked for: one at the least. */
export const coursesOf = (set: Settled): number => Math.max(1, Math.round(Number(set.high) / courseMm(set)));

/**
 * Boards, timbers in courses with pins every 4′, or blocks with cores; inside posts 6″ into the ground, at most 4′ apart;
 * 10 to 13″ of root room; 2 : 1 of topsoil and compost; 6 to 7″ of soil over layers; settling of 10 to 20 % (common
 * practice, no source).
 */
export const RAISED_BED_KNOBS = {
  make: {
    type: 'choice',
    first: true,
    label: 'Made of',
    group: 'Sides',
    choices: [
      { id: 'boards', label: 'boards on posts' },
      { id: 'timbers', label: 'square timbers, pinned' },
      { id: 'logs', label: 'logs, pinned' },
      { id: 'metal', label: 'corrugated steel in a timber frame' },
      { id: 'blocks', label: 'concrete blocks' },
    ],
    offered: (setting) => [
      'boards',
      'timbers',
      ...(isOffered(setting, LOG) ? ['logs'] : []),
      ...(isOffered(setting, SHEET) && isOffered(setting, 'screw-roofing-25') ? ['metal'] : []),
      ...(WHOLE_BLOCKS.some(({ id, half }) => isOffered(setting, id) && isOffered(setting, half ?? ''))
        ? ['blocks']
        : []),
    ],
    help: 'Boards cost the least, blocks last the longest; logs come out of the wood, and rot first; sheet goes high on little wood.',
    suggest: () => ({ value: 'boards', why: fact('make.boards') }),
  },
  board: {
    first: true,
    ...sectionKnob({
      label: 'Boards of',
      group: 'Sides',
      of: ['2x6', '2x8', '1x6', '45x145', '45x195', '22x145'],
      usual: {
        imperial: ['2x6', '2x8', '1x6', '45x145', '45x195', '22x145'],
        metric: ['45x145', '45x195', '22x145', '2x6', '2x8', '1x6'],
      },
      help: 'Thin ones bow and rot first.',
      shown: isOf('boards'),
    }),
  },
  timber: {
    first: true,
    ...sectionKnob({
      label: 'Timbers of',
      group: 'Sides',
      of: ['4x4', '90x90'],
      usual: { imperial: ['4x4', '90x90'], metric: ['90x90', '4x4'] },
      help: 'Each course the other way round at the corners.',
      shown: isOf('timbers'),
    }),
  },
  block: {
    type: 'choice',
    first: true,
    label: 'Blocks',
    group: 'Sides',
    choices: WHOLE_BLOCKS.map(({ id, name }) => ({ id, label: name })),
    offered: (setting) =>
      WHOLE_BLOCKS.filter(({ id, half }) => isOffered(setting, id) && isOffered(setting, half ?? '')).map(
        ({ id }) => id,
      ),
    help: 'Laid dry; the bed is made as long and as wide as whole blocks and halves make it.',
    shown: isOf('blocks'),
    suggest: (setting) => ({
      value: setting.market === 'imperial' ? 'block-16' : 'block-390',
      why: fact('block.market'),
    }),
  },
  treatment: {
    ...treatmentKnob({ section: 'board', group: 'Sides', use: 'light', wanted: ['treated', 'durable', 'untreated'] }),
    shown: (set) => ['boards', 'timbers', 'metal'].includes(String(set.make)),
    offered: (setting, set) =>
      (['untreated', 'treated', 'durable'] as const).filter((one) =>
        isOffered(setting, timberId(String(set.make === 'timbers' ? set.timber : set.board), one)),
      ),
    help: 'Timber treated since 2004 holds no arsenic and is held safe for beds by extension services; many growers still decline it. Each choice shows its life and its price.',
  },
  high: {
    type: 'length',
    label: 'Height of the sides, about',
    group: 'Sides',
    min: inches(5),
    max: feet(3),
    help: 'Over the path; built in whole courses.',
    suggest: (setting, set) => {
      const { heightMm } = setting.place.bed;
      if (heightMm > 0) return { value: Math.min(feet(3), Math.max(inches(5), heightMm)), why: fact('high.bed') };
      if (set.make === 'metal') return { value: perMarket(setting.market, 24, 600), why: fact('high.sheet') };
      const usual = perMarket(setting.market, 11, 280);
      return { value: Math.max(1, Math.round(usual / courseMm(set))) * courseMm(set), why: fact('high.roots') };
    },
  },
  cap: {
    type: 'choice',
    label: 'Cap on the rim',
    group: 'Sides',
    choices: [{ id: 'none', label: 'none' }, ...CAPS.map((id) => ({ id, label: sectionName(id) }))],
    // On corners that are not square it would have to be mitred: it is not offered there.
    offered: (setting, set) => [
      'none',
      ...(narrows(setting.place.bed) && set.make === 'boards'
        ? []
        : CAPS.filter((id) => isOffered(setting, timberId(id, 'treated')))),
    ],
    help: 'A board laid flat: to sit on, and over what is sharp.',
    shown: takesCap,
    suggest: (setting, set) => {
      const own: readonly Cap[] = setting.market === 'imperial' ? CAPS : CAPS.toReversed();
      const cap = own.find((id) => isOffered(setting, timberId(id, 'treated')));
      return set.make === 'metal' && cap
        ? { value: cap, why: fact('cap.sharp') }
        : { value: 'none', why: fact('cap.none') };
    },
  },
  post: sectionKnob({
    label: 'Inside posts of',
    group: 'Posts',
    of: ['2x4', '4x4', '45x95', '90x90'],
    usual: { imperial: ['2x4', '45x95', '4x4', '90x90'], metric: ['45x95', '2x4', '90x90', '4x4'] },
    help: 'In every corner and along the sides, 6″ (150 mm) into the ground: they keep the bed from shifting.',
    shown: hasPosts,
  }),
  postEvery: {
    type: 'length',
    label: 'Posts, pins or filled cores at most apart',
    group: 'Posts',
    min: inches(18),
    max: feet(8),
    help: 'Long sides bulge: 4′ (1200 mm) is as far as they go.',
    suggest: (setting, set) =>
      set.make === 'metal'
        ? { value: perMarket(setting.market, 36, 900), why: fact('every.rails') }
        : { value: perMarket(setting.market, 48, 1200), why: fact('every.four') },
  },
  ties: {
    type: 'choice',
    label: 'Ties across',
    group: 'Posts',
    choices: [
      { id: 'none', label: 'none' },
      { id: 'wire', label: 'wire from post to post' },
    ],
    offered: (setting) => ['none', ...(isOffered(setting, TIE) ? ['wire'] : [])],
    help: 'Under the soil, halfway up, from each post between corners to the one across from it: high long sides cannot lean out.',
    shown: hasPosts,
    suggest: (setting, set) =>
      coursesOf(set) * courseMm(set) > (isOnFloor(setting.place.bed) ? UNTIED_ON_FLOOR_MM : UNTIED_MM) &&
      isOffered(setting, TIE)
        ? { value: 'wire', why: fact('ties.high') }
        : { value: 'none', why: fact('ties.low') },
  },
  cores: {
    type: 'choice',
    label: 'Cores',
    group: 'Posts',
    choices: [
      { id: 'soil', label: 'filled with soil' },
      { id: 'pinned', label: 'a steel pin in concrete, at corners and between' },
    ],
    offered: (setting) => ['soil', ...(canPin(setting) ? ['pinned'] : [])],
    help: 'Two courses stand by their weight; higher ones are pushed over by wet soil unless they are pinned.',
    shown: isOf('blocks'),
    suggest: (setting, set) =>
      coursesOf(set) > 2 && canPin(setting)
        ? { value: 'pinned', why: fact('cores.high') }
        : { value: 'soil', why: fact('cores.low') },
  },
  floor: {
    ...floorKnob,
    label: 'Under it',
    group: 'Fill',
    choices: [...floorKnob.choices, { id: CLOTH, label: 'woven cloth' }],
    offered: (setting) => [...floorKnob.offered(setting), ...(isOffered(setting, CLOTH) ? [CLOTH] : [])],
    help: 'Mesh stops what tunnels, and roots go on through it; cloth keeps rough grass down, and roots shallow; on a floor it keeps the soil in.',
    suggest: (setting) =>
      !isOnFloor(setting.place.bed)
        ? floorKnob.suggest(setting)
        : isOffered(setting, CLOTH)
          ? { value: CLOTH, why: fact('floor.drains') }
          : { value: 'none', why: fact('floor.none') },
  },
  fill: {
    type: 'choice',
    label: 'Filled with',
    group: 'Fill',
    choices: [
      { id: 'mix', label: 'topsoil and compost, two to one' },
      { id: 'layers', label: 'prunings and leaves below, 7″ (180 mm) of mix on top' },
      { id: 'own', label: 'soil of your own' },
      { id: 'none', label: 'nothing yet' },
    ],
    offered: (setting) => [
      'own',
      'none',
      ...(isOffered(setting, 'topsoil') && isOffered(setting, 'compost') ? ['mix', 'layers'] : []),
    ],
    help: 'Never subsoil. Good topsoil from under the paths is the cheapest of all.',
    suggest: (setting, set) => {
      const sold = isOffered(setting, 'topsoil') && isOffered(setting, 'compost');
      if (!sold) return { value: 'own', why: fact('fill.own') };
      return coursesOf(set) * courseMm(set) > inches(16)
        ? { value: 'layers', why: fact('fill.layers') }
        : { value: 'mix', why: fact('fill.mix') };
    },
  },
  paths: {
    type: 'length',
    label: 'Topsoil out of the paths, deep',
    group: 'Fill',
    min: 0,
    max: inches(10),
    help: 'Dug once out of the ways round it, two feet (600 mm) wide: as deep as the soil is dark, no deeper. The ways then lead the rain off.',
    shown: (set) => set.fill === 'mix' || set.fill === 'layers',
    suggest: () => ({ value: 0, why: fact('paths.none') }),
  },
  below: {
    type: 'length',
    label: 'Below the rim',
    group: 'Fill',
    min: 0,
    max: inches(12),
    help: 'Room for a mulch, and for water to stand in.',
    shown: isFilled,
    suggest: (setting) => ({ value: perMarket(setting.market, 1, 25), why: fact('below.mulch') }),
  },
  settles: {
    type: 'count',
    label: 'More for settling, %',
    group: 'Fill',
    min: 0,
    max: 40,
    help: 'A fresh mix sinks by 10 to 20 % in its first season, layers by a quarter to a third.',
    shown: isFilled,
    suggest: (_setting, set) =>
      set.fill === 'layers' ? { value: 25, why: fact('settles.layers') } : { value: 15, why: fact('settles.mix') },
  },
  watered: {
    type: 'choice',
    label: 'Watered',
    group: 'Water',
    choices: [
      { id: 'by hand', label: 'by hand' },
      { id: 'drip', label: 'by drip lines' },
      { id: 'below', label: 'from below, out of a reservoir' },
    ],
    offered: (setting) => [
      'by hand',
      ...(DRIP_PARTS.every((id) => isOffered(setting, id)) ? ['drip'] : []),
      ...(WICK_PARTS.every((id) => isOffered(setting, id)) ? ['below'] : []),
    ],
    help: 'Drip lines lie under the mulch and waste nothing; out of a reservoir a bed drinks for a week.',
    shown: isFilled,
    suggest: () => ({ value: 'by hand', why: fact('watered.hand') }),
  },
  dripEvery: {
    type: 'length',
    label: 'Drip lines at most apart',
    group: 'Water',
    min: inches(6),
    max: inches(24),
    help: 'Water spreads about a foot (300 mm) in a loose mix, farther in clay.',
    shown: (set) => isFilled(set) && set.watered === 'drip',
    suggest: (setting) => ({ value: perMarket(setting.market, 12, 300), why: fact('drip.foot') }),
  },
  reservoir: {
    type: 'length',
    label: 'Depth of the reservoir',
    group: 'Water',
    min: inches(3),
    max: inches(18),
    help: 'Gravel with water in it, below the soil. What is over it is filled with the mix.',
    shown: (set) => isFilled(set) && set.watered === 'below',
    suggest: (setting, set) => {
      const usual = perMarket(setting.market, 6, 150);
      const room = coursesOf(set) * courseMm(set) - Number(set.below);
      // As much soil over it as water rises in, where the sides are so high.
      const wants = Math.max(usual, Math.ceil((room - RISES_MM) / 10) * 10);
      const most = Math.floor((room - ROOTS_MM) / 10) * 10;
      const value = Math.max(inches(3), Math.min(inches(18), Math.min(wants, most)));
      return { value, why: fact(value < usual ? 'reservoir.roots' : 'reservoir.rises') };
    },
  },
} as const satisfies Knobs<BedSetting>;

/** What is asked for to lay drip lines, and to make a reservoir. */
const DRIP_PARTS = ['drip-line', 'drip-pipe', 'drip-tee', 'drip-elbow', 'drip-end', 'drip-peg', 'drip-start'] as const;
const WICK_PARTS = ['pond-liner', 'drain-pipe', 'planter-cloth', 'gravel', 'tank-outlet'] as const;

/** Rails are of what the posts are of, or of the half of that. */
const RAIL_OF = { '2x4': '2x4', '4x4': '2x4', '45x95': '45x95', '90x90': '45x95' } as const;

export type RaisedBedValues = Values<typeof RAISED_BED_KNOBS>;

/** What its sides are cut from. */
export const sideStock = (v: Pick<RaisedBedValues, 'make' | 'timber' | 'board' | 'post' | 'treatment'>): string =>
  v.make === 'logs'
    ? LOG
    : timberId({ timbers: v.timber, metal: RAIL_OF[v.post], boards: v.board, blocks: v.board }[v.make], v.treatment);
export const postStock = (v: Pick<RaisedBedValues, 'post'>, setting: BedSetting): string =>
  lastingTimber(setting, v.post);
