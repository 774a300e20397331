import { MESH_ROLLS } from '../../../catalogue/panels';
import { timberId } from '../../../catalogue/timber';
import { leadPlant } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import { roomOf } from '../../../site/bed';
import { LEAST_DRIVEN_MM } from '../../../statics/embedment';
import { fact } from '../../../wording/say';
import type { Knobs, Settled, Values } from '../../knob';
import { drivenDepth, suggestDepth } from '../../rules/depth';
import { reachOverBed, rowKnobs } from '../../rules/row';
import { perMarket, wholeStep } from '../../rules/tidy';
import { sectionKnob, treatmentKnob } from '../../rules/timber-knobs';
import { isOffered, type BedSetting } from '../../setting';

/** Stems as thick as a thumb come up through such meshes (from memory). mm. */
const WIDE_ENOUGH_MM = 95;
const GRIDS = MESH_ROLLS.filter((roll) => roll.openingMm >= WIDE_ENOUGH_MM && roll.look === 'wire');

/** The tops of the stakes stand so far over the grid (from memory). mm. */
export const STAKE_OVER_MM = inches(1);

/** How high a grid can be set: as far as one reaches, on stakes that still go in as deep as they have to. mm. */
export function mostHigh(setting: BedSetting, { section, treatment }: Settled): number {
  const longestMm = setting.sizesOf(timberId(String(section), String(treatment))).at(-1) ?? Infinity;
  const standsMm = longestMm - suggestDepth(setting, LEAST_DRIVEN_MM, drivenDepth(setting)).value - STAKE_OVER_MM;
  return Math.max(inches(8), Math.min(feet(5), reachOverBed(setting), wholeStep(standsMm, setting.market)));
}

const wants = (setting: BedSetting): number => leadPlant(setting)?.crop.supportToMm || feet(3);

/** A level grid of mesh on short stakes, one or two over each other, put out in spring; stems grow up through it (common practice, no source; figures from memory). */
export const GROW_THROUGH_KNOBS = {
  ...rowKnobs(40, 'Of the grid, along the bed.', { straddles: true }),
  width: {
    type: 'length',
    places: true,
    label: 'Width of the grid',
    group: 'Grid',
    min: inches(12),
    max: feet(6),
    help: 'Across the bed.',
    usualMost: (setting) => setting.place.bed.widthMm,
    suggest: (setting, set) => {
      const room = wholeStep(roomOf(setting.place.bed).widthMm - inches(4), setting.market);
      const sold = GRIDS.find((roll) => roll.id === set.mesh)?.heightMm ?? Infinity;
      return { value: Math.max(inches(12), Math.min(feet(6), room, sold)), why: fact('width.bed') };
    },
  },
  mesh: {
    first: true,
    type: 'choice',
    label: 'Grid of',
    group: 'Grid',
    choices: GRIDS.map((one) => ({ id: one.id, label: one.name })),
    offered: (setting) => GRIDS.map((one) => one.id).filter((id) => isOffered(setting, id)),
    help: 'Openings of 4 to 6″ (100 to 150 mm): a hand and a stem go through.',
    suggest: (setting) => ({
      value: (GRIDS.find((one) => isOffered(setting, one.id)) ?? GRIDS[0])?.id ?? '',
      why: fact('mesh.hand'),
    }),
  },
  high: {
    type: 'length',
    label: 'Upper grid at',
    group: 'Grid',
    min: inches(8),
    max: feet(5),
    help: 'Over the soil. What has grown through stands by itself a foot and more above it.',
    usualMost: (setting) => reachOverBed(setting),
    suggest: (setting, set) => ({
      value: Math.max(inches(8), Math.min(mostHigh(setting, set), wholeStep(wants(setting), setting.market))),
      why: fact('high.crop'),
    }),
  },
  levels: {
    type: 'count',
    label: 'Grids over each other',
    group: 'Grid',
    min: 1,
    max: 2,
    help: 'A second one, half as high, for what is tall and soft.',
    suggest: (_setting, set) =>
      Number(set.high) > inches(27) ? { value: 2, why: fact('levels.tall') } : { value: 1, why: fact('levels.one') },
  },
  section: {
    ...sectionKnob({
      label: 'Stakes of',
      group: 'Stakes',
      of: ['2x2', '45x45'],
      usual: { imperial: ['2x2', '45x45'], metric: ['45x45', '2x2'] },
      help: 'Pointed and driven.',
    }),
    first: true,
  },
  treatment: { ...treatmentKnob({ section: 'section', group: 'Stakes', use: 'light' }), first: true },
  every: {
    type: 'length',
    label: 'Stakes at most apart',
    group: 'Stakes',
    min: inches(18),
    max: feet(6),
    help: 'Along both sides, in pairs.',
    suggest: (setting) => ({ value: perMarket(setting.market, 36, 900), why: fact('every.sags') }),
  },
  depth: {
    type: 'length',
    label: 'Depth in the ground',
    group: 'Stakes',
    min: inches(8),
    max: feet(4),
    help: 'They carry little, and are wet for long.',
    suggest: (setting, set) =>
      suggestDepth(setting, LEAST_DRIVEN_MM, drivenDepth(setting), {
        aboveMm: Number(set.high) + STAKE_OVER_MM,
        sizesMm: setting.sizesOf(timberId(String(set.section), String(set.treatment))),
      }),
  },
  tied: {
    type: 'choice',
    label: 'Tied with',
    group: 'Grid',
    choices: [
      { id: 'twine-natural', label: 'natural twine' },
      { id: 'tie-wire', label: 'wire' },
    ],
    help: 'Twine is cut in autumn, wire stays.',
    offered: (setting: BedSetting, _set: Settled) =>
      ['twine-natural', 'tie-wire'].filter((id) => isOffered(setting, id)),
    suggest: () => ({ value: 'tie-wire', why: fact('tied.stays') }),
  },
} as const satisfies Knobs<BedSetting>;

export type GrowThroughValues = Values<typeof GROW_THROUGH_KNOBS>;
