import { MESH_ROLLS } from '../../../catalogue/panels';
import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import { leadPlant } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import { roomOf } from '../../../site/bed';
import { LEAST_DRIVEN_MM } from '../../../statics/embedment';
import { fact } from '../../../wording/say';
import type { Knobs, Settled, Values } from '../../knob';
import { deeperInSand, drivenDepth, suggestDepth } from '../../rules/depth';
import { reachOverBed, rowKnobs, stationsKnob } from '../../rules/row';
import { perMarket, wholeStep } from '../../rules/tidy';
import { sectionKnob, treatmentKnob } from '../../rules/timber-knobs';
import { isOffered, type BedSetting } from '../../setting';

/** Plants stand so far before the front stakes (from memory). mm. */
export const BEFORE_MM = inches(3);
/** From front to back at the least: less is a wall. mm. */
export const LEAST_DEEP_MM = inches(18);

/** Meshes that fruit hangs through. */
const ROLLS = MESH_ROLLS.filter((roll) => roll.openingMm >= 99).map((roll) => roll.id);
const offeredRolls = (setting: BedSetting): string[] => ROLLS.filter((id) => isOffered(setting, id));

/** Room from its front stakes to its back ones, plants before it. mm. */
const roomDeep = ({ place: { bed } }: BedSetting): number => roomOf(bed).widthMm - BEFORE_MM - inches(3);

/** How high its mesh is, up the slope. mm. */
export const rollHigh = (setting: BedSetting, set: Settled): number =>
  stockOf(setting.catalogue, String(set.mesh), 'mesh roll').heightMm;

/** How high its back may be: as the mesh reaches, as stakes are sold, as one reaches. mm. */
export function mostBack(setting: BedSetting, set: Settled): number {
  const [front, deep] = [Number(set.front), Number(set.deep)];
  const up = Math.sqrt(Math.max(0, rollHigh(setting, set) ** 2 - deep ** 2));
  const longest = setting.sizesOf(timberId(String(set.section), String(set.treatment))).at(-1) ?? feet(8);
  return Math.min(
    front + up,
    longest - suggestDepth(setting, LEAST_DRIVEN_MM, drivenDepth(setting)).value,
    reachOverBed(setting),
    feet(7),
  );
}

/**
 * Low stakes in front, high ones behind, rafters beside both, mesh on laths over them at about 45 to 60°: cucumbers lie on
 * it, their fruit hangs through, what likes shade grows below (common practice, no source; the figures from memory).
 */
export const SLOPING_FRAME_KNOBS = {
  ...rowKnobs(24, 'Over the outer stakes, by a tape laid on the soil.', { straddles: true }),
  ...stationsKnob('inset'),
  deep: {
    type: 'length',
    places: true,
    label: 'From front to back',
    group: 'Frame',
    min: LEAST_DEEP_MM,
    max: feet(6),
    help: 'Between the middles of the stakes, on the soil.',
    suggest: (setting) => {
      const usual = perMarket(setting.market, 30, 750);
      const room = wholeStep(roomDeep(setting), setting.market);
      return room < usual
        ? { value: Math.max(LEAST_DEEP_MM, room), why: fact('deep.bed') }
        : { value: usual, why: fact('deep.usual') };
    },
  },
  front: {
    type: 'length',
    label: 'Height in front',
    group: 'Frame',
    min: inches(4),
    max: feet(4),
    help: 'Over the soil: where plants find their first hold.',
    suggest: (setting) => {
      const usual = perMarket(setting.market, 10, 250);
      const from = Math.min(...setting.planted.map(({ crop }) => crop.supportFromMm), Infinity);
      return from < usual
        ? { value: Math.max(inches(4), wholeStep(from, setting.market)), why: fact('front.crop') }
        : { value: usual, why: fact('front.usual') };
    },
  },
  mesh: {
    type: 'choice',
    label: 'Mesh',
    group: 'Frame',
    first: true,
    choices: ROLLS.map((id) => ({ id, label: MESH_ROLLS.find((roll) => roll.id === id)?.name ?? id })),
    offered: offeredRolls,
    help: 'Wide enough for fruit to hang through; its height lies up the slope.',
    suggest: (setting) => {
      const heavy = leadPlant(setting)?.crop.load === 'heavy';
      const wanted = heavy ? ['mesh-cage-60', 'mesh-cage-72'] : ['mesh-4-welded', 'mesh-cage-60'];
      const sold = offeredRolls(setting);
      return {
        value: wanted.find((id) => sold.includes(id)) ?? sold[0] ?? 'mesh-4-welded',
        why: fact(heavy ? 'mesh.heavy' : 'mesh.through'),
      };
    },
  },
  back: {
    type: 'length',
    label: 'Height at the back',
    group: 'Frame',
    min: feet(1.5),
    max: feet(7),
    help: 'Over the soil.',
    suggest: (setting, set) => {
      const most = Math.max(feet(1.5), wholeStep(mostBack(setting, set), setting.market));
      const [front, deep] = [Number(set.front), Number(set.deep)];
      const wants = leadPlant(setting)?.crop.supportToMm || feet(5);
      const up = Math.sqrt(Math.max((0.6 * deep) ** 2, (wants - front) ** 2 - deep ** 2));
      const wanted = Math.max(feet(1.5), wholeStep(front + up, setting.market));
      return wanted <= most ? { value: wanted, why: fact('back.crop') } : { value: most, why: fact('back.mesh') };
    },
  },
  section: {
    first: true,
    ...sectionKnob({
      label: 'Stakes and rafters of',
      group: 'Frame',
      of: ['2x2', '45x45'],
      usual: { imperial: ['2x2', '45x45'], metric: ['45x45', '2x2'] },
      help: 'Stakes are pointed and driven.',
    }),
  },
  treatment: {
    first: true,
    ...treatmentKnob({ section: 'section', group: 'Frame', use: 'light', wanted: ['treated', 'durable', 'untreated'] }),
  },
  lath: sectionKnob({
    label: 'Laths of',
    group: 'Frame',
    of: ['1x2', '22x38', '1x3', '22x63'],
    usual: { imperial: ['1x2', '22x38', '1x3', '22x63'], metric: ['22x38', '1x2', '22x63', '1x3'] },
    help: 'Flat over the rafters, under the mesh.',
  }),
  bay: {
    type: 'length',
    label: 'Stakes at most apart',
    group: 'Frame',
    min: feet(2),
    max: feet(6),
    help: 'Along the row; the bays are made equal.',
    suggest: (setting) => ({ value: perMarket(setting.market, 48, 1200), why: fact('bay.laths') }),
  },
  depth: {
    type: 'length',
    label: 'Depth in the ground, at least',
    group: 'Frame',
    min: inches(12),
    max: feet(4),
    help: 'A roof of leaves is a wing in the wind.',
    suggest: (setting, set) =>
      suggestDepth(setting, LEAST_DRIVEN_MM, deeperInSand(setting, drivenDepth(setting)), {
        aboveMm: Number(set.back),
        sizesMm: setting.sizesOf(timberId(String(set.section), String(set.treatment))),
      }),
  },
} as const satisfies Knobs<BedSetting>;

export type SlopingFrameValues = Values<typeof SLOPING_FRAME_KNOBS>;
