import { stockOf } from '../../../catalogue/catalogue';
import { NETS } from '../../../catalogue/covers';
import { MESH_ROLLS } from '../../../catalogue/panels';
import { feet, inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import { cageRowKnobs, lockKnob } from '../../assemblies/ring-of-mesh';
import type { Knobs } from '../../knob';
import { coverFor } from '../../rules/covering';
import { perMarket, tidy } from '../../rules/tidy';
import { isOffered, type BedSetting } from '../../setting';

/** Rolls that stand by themselves and are bent round by hand. */
const STIFF = MESH_ROLLS.filter((roll) => roll.stiff && roll.carries !== 'heavy' && roll.openingMm >= inches(1)).map(
  (roll) => roll.id,
);
const KEEPING = NETS.filter(({ against }) => !against);

/** Room between the leaves and the mesh (from memory). mm. */
const ROOM_MM = inches(2);

/**
 * A cylinder of 2 × 3″ mesh, its girth whole links and half a link to hook it shut, three quarters of a link left
 * as stakes, and a net sleeve over it (common practice, no source).
 */
export const INSECT_CAGE_KNOBS = {
  roll: {
    type: 'choice',
    label: 'Mesh',
    group: 'Cage',
    choices: STIFF.map((id) => ({ id, label: MESH_ROLLS.find((roll) => roll.id === id)?.name ?? id })),
    offered: (setting) => STIFF.filter((id) => isOffered(setting, id)),
    help: 'It only holds the net off the leaves: light mesh that stands by itself.',
    suggest: () => ({ value: 'mesh-2x3-36', why: fact('roll.small') }),
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
      const spacing = setting.planted.reduce((most, one) => Math.max(most, one.training.spacingMm), 0);
      return spacing > 0
        ? {
            value: tidy(Math.min(feet(4), Math.max(inches(9), spacing - ROOM_MM)), setting.market),
            why: fact('across.plant'),
          }
        : { value: perMarket(setting.market, 13.5, 340), why: fact('across.usual') };
    },
  },
  height: {
    type: 'length',
    label: 'Mesh, at most',
    group: 'Cage',
    min: inches(9),
    max: feet(5),
    help: 'Whole rows of mesh, the one that becomes stakes counted; several cages may come out of the height of the roll.',
    suggest: (setting, set) => {
      const roll = stockOf(setting.catalogue, String(set.roll), 'mesh roll');
      const tallest = setting.planted.reduce((most, one) => Math.max(most, one.crop.heightMm), 0);
      const half = roll.heightMm / 2;
      if (tallest === 0) return { value: half, why: fact('height.half') };
      // Over the leaves, and the row that goes into the soil.
      return tallest + ROOM_MM + roll.stepMm <= half
        ? { value: half, why: fact('height.half') }
        : { value: Math.min(feet(5), roll.heightMm), why: fact('height.whole') };
    },
  },
  lock: lockKnob,
  net: {
    type: 'choice',
    label: 'Net sleeve of',
    group: 'Net',
    choices: KEEPING.map((one) => ({ id: one.id, label: one.name })),
    offered: (setting) => KEEPING.map((one) => one.id).filter((id) => isOffered(setting, id)),
    help: 'As fine as the smallest that flies at the crop.',
    suggest: (setting) => {
      const { value, why } = coverFor(setting);
      return KEEPING.some((one) => one.id === value)
        ? { value, why }
        : { value: 'cover-insect', why: fact('net.fine') };
    },
  },
  seam: {
    type: 'length',
    label: 'Seam allowance',
    group: 'Net',
    min: inches(0.25),
    max: inches(3),
    step: { imperial: inches(0.25), metric: 5 },
    help: 'On both edges of the sleeve.',
    suggest: (setting) => ({ value: perMarket(setting.market, 0.75, 20), why: fact('seam.fell') }),
  },
  tuck: {
    type: 'length',
    label: 'Net in the soil',
    group: 'Net',
    min: 0,
    max: inches(12),
    help: 'Pushed down with the stakes, soil drawn up against it.',
    suggest: (setting) => ({ value: perMarket(setting.market, 3, 80), why: fact('tuck.soil') }),
  },
  apart: {
    type: 'length',
    label: 'Middle to middle',
    group: 'Row',
    min: inches(9),
    max: feet(8),
    help: 'Room for a hand between the nets.',
    suggest: (setting, set) => ({
      value: tidy(Number(set.diameter) + inches(4), setting.market),
      why: fact('apart.hand'),
    }),
  },
  ...cageRowKnobs,
} as const satisfies Knobs<BedSetting>;
