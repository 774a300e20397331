import { stockOf } from '../../../catalogue/catalogue';
import { MESH_ROLLS } from '../../../catalogue/panels';
import { rodsFor } from '../../../checks/cage-stands';
import { leadPlant } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import { LEAST_DRIVEN_MM } from '../../../statics/embedment';
import { fact } from '../../../wording/say';
import { cageRowKnobs, lockKnob } from '../../assemblies/ring-of-mesh';
import type { Knobs } from '../../knob';
import { deeperInSand, suggestDepth } from '../../rules/depth';
import { reachOverBed } from '../../rules/row';
import { perMarket, tidy } from '../../rules/tidy';
import { isOffered, type BedSetting } from '../../setting';

/** Rolls that stand by themselves and that a hand, or a window cut for it, passes. */
const STIFF = MESH_ROLLS.filter((roll) => roll.stiff && roll.stepMm >= inches(3)).map((roll) => roll.id);
export const offeredRolls = (setting: BedSetting): string[] => STIFF.filter((id) => isOffered(setting, id));

/**
 * Heavy tomatoes: 5–6′ tall, 18–24″ across, one or two stakes; girth in whole links with half a link to
 * hook it shut; hand-sized openings of 4″ and more; good for up to about six plants (common practice,
 * no source).
 */
export const MESH_CAGE_KNOBS = {
  roll: {
    type: 'choice',
    label: 'Mesh',
    group: 'Cage',
    choices: STIFF.map((id) => ({ id, label: MESH_ROLLS.find((roll) => roll.id === id)?.name ?? id })),
    offered: offeredRolls,
    help: 'Welded mesh off the roll; light roll mesh folds under fruit.',
    suggest: (setting) => {
      const offered = offeredRolls(setting);
      const lead = leadPlant(setting)?.crop;
      const wanted = lead
        ? offered.filter((id) => {
            const roll = stockOf(setting.catalogue, id, 'mesh roll');
            return (lead.load !== 'heavy' || roll.carries === 'heavy') && roll.openingMm >= inches(4);
          })
        : offered;
      const tall = [...wanted].sort(
        (a, b) =>
          stockOf(setting.catalogue, a, 'mesh roll').heightMm - stockOf(setting.catalogue, b, 'mesh roll').heightMm,
      );
      const enough = tall.find(
        (id) => stockOf(setting.catalogue, id, 'mesh roll').heightMm >= (lead?.supportToMm ?? 0) - inches(6),
      );
      return {
        value: enough ?? tall.at(-1) ?? offered[0] ?? 'mesh-cage-60',
        why: fact(enough ? 'roll.crop' : 'roll.tallest'),
      };
    },
  },
  diameter: {
    type: 'length',
    label: 'Across, about',
    group: 'Cage',
    min: inches(6),
    max: feet(4),
    help: 'The girth is made a whole number of links.',
    usualMost: () => feet(3),
    suggest: (setting) => {
      const lead = leadPlant(setting)?.crop;
      if (lead?.load === 'heavy') return { value: perMarket(setting.market, 22, 560), why: fact('across.heavy') };
      return { value: perMarket(setting.market, 16, 400), why: fact('across.bush') };
    },
  },
  height: {
    type: 'length',
    label: 'Mesh over the soil, at most',
    group: 'Cage',
    min: inches(9),
    max: feet(8),
    help: 'Met in whole rows of mesh; what is left of the roll’s height may make another cage.',
    suggest: (setting, set) => {
      const roll = stockOf(setting.catalogue, String(set.roll), 'mesh roll');
      const wants = setting.planted.reduce((most, one) => Math.max(most, one.crop.supportToMm), 0);
      const most = Math.min(roll.heightMm, Math.max(inches(18), reachOverBed(setting)));
      const value = wants > 0 ? Math.min(most, Math.max(inches(18), wants)) : most;
      return {
        // The whole height of the roll is taken as it is, or a row of it would be lost.
        value: value === roll.heightMm ? value : tidy(value, setting.market),
        why: fact(wants > 0 && wants < roll.heightMm ? 'height.crop' : 'height.roll'),
      };
    },
  },
  feet: {
    type: 'choice',
    label: 'Lowest row of wires',
    group: 'Cage',
    choices: [
      { id: 'stakes', label: 'cut free, pushed into the soil' },
      { id: 'whole', label: 'left whole, on the soil' },
    ],
    help: 'Cut beside its level wire, the last row makes a stake at every link.',
    suggest: () => ({ value: 'stakes', why: fact('feet.stakes') }),
  },
  lock: lockKnob,
  openings: {
    type: 'count',
    label: 'Picking windows',
    group: 'Cage',
    min: 0,
    max: 8,
    help: 'Two links by two cut out of fine mesh, for a hand with fruit in it.',
    suggest: (setting, set) => {
      const roll = stockOf(setting.catalogue, String(set.roll), 'mesh roll');
      return Math.min(roll.openingMm, roll.stepMm) < inches(3.9)
        ? { value: 4, why: fact('windows.fine') }
        : { value: 0, why: fact('windows.none') };
    },
  },
  apart: {
    type: 'length',
    label: 'Middle to middle',
    group: 'Row',
    min: inches(9),
    max: feet(8),
    help: 'Room between cages to pick and for air.',
    suggest: (setting, set) => {
      const spacing = setting.planted.reduce((most, one) => Math.max(most, one.training.spacingMm), 0);
      const room = Number(set.diameter) + inches(4);
      return spacing >= room
        ? { value: spacing, why: fact('apart.spacing') }
        : { value: tidy(room, setting.market), why: fact('apart.room') };
    },
  },
  ...cageRowKnobs,
  stakes: {
    type: 'count',
    label: 'Rods a cage',
    group: 'Stakes',
    min: 0,
    max: 3,
    help: 'Driven inside the mesh and tied, so that wind and fruit do not push it over.',
    suggest: ({ wind }, set) => {
      const high = Number(set.height);
      const usual = high >= inches(45) ? 2 : high >= inches(30) ? 1 : 0;
      const least = rodsFor(high, Number(set.diameter), wind);
      return least > usual
        ? { value: least, why: fact('stakes.stand', { high: { mm: high }, across: { mm: Number(set.diameter) } }) }
        : { value: usual, why: fact(usual === 2 ? 'stakes.two' : usual === 1 ? 'stakes.one' : 'stakes.none') };
    },
  },
  depth: {
    type: 'length',
    label: 'Rods in the ground',
    group: 'Stakes',
    min: inches(6),
    max: feet(6),
    help: 'Cut from reinforcing bar; cap the tops.',
    shown: (set) => Number(set.stakes) > 0,
    suggest: (setting) =>
      suggestDepth(
        setting,
        LEAST_DRIVEN_MM,
        deeperInSand(setting, { value: perMarket(setting.market, 18, 460), why: fact('stakes.deep') }),
      ),
  },
} as const satisfies Knobs<BedSetting>;
