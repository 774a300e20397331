import { MESH_ROLLS } from '../../../catalogue/panels';
import { feet, inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import { cageRowKnobs } from '../../assemblies/ring-of-mesh';
import type { Knobs, Values } from '../../knob';
import { needsOf } from '../../rules/barrier';
import { perMarket, tidy } from '../../rules/tidy';
import { isOffered, type BedSetting } from '../../setting';

/** Mesh that is bent round by hand and that no rabbit passes: 1″ and finer (common practice, no source). */
const FINE = MESH_ROLLS.filter((roll) => roll.stiff && roll.openingMm <= inches(1) + 0.5 && roll.heightMm <= feet(4));

/** An open ring of mesh round each young plant: what is tried before a fence (common practice, no source; measures from memory). */
export const COLLAR_KNOBS = {
  roll: {
    type: 'choice',
    label: 'Mesh',
    group: 'Collar',
    choices: FINE.map((roll) => ({ id: roll.id, label: roll.name })),
    offered: (setting) => FINE.map((roll) => roll.id).filter((id) => isOffered(setting, id)),
    help: 'Stiff, and too fine for a nose.',
    suggest: (setting) => ({
      value: isOffered(setting, 'mesh-1-36')
        ? 'mesh-1-36'
        : (FINE.find((roll) => isOffered(setting, roll.id))?.id ?? 'mesh-1-36'),
      why: fact('roll.nose'),
    }),
  },
  diameter: {
    type: 'length',
    label: 'Across, about',
    group: 'Collar',
    min: inches(4),
    max: feet(3),
    help: 'The girth is made a whole number of links.',
    suggest: (setting) => {
      const spacing = setting.planted.reduce((most, one) => Math.max(most, one.training.spacingMm), 0);
      return spacing > 0
        ? {
            value: tidy(Math.min(feet(2), Math.max(inches(6), spacing * 0.7)), setting.market),
            why: fact('across.plant'),
          }
        : { value: perMarket(setting.market, 10, 250), why: fact('across.young') };
    },
  },
  height: {
    type: 'length',
    label: 'Over the soil',
    group: 'Collar',
    min: inches(4),
    max: feet(4),
    help: 'As high as the one it is meant for reaches; no more than the roll is wide.',
    suggest: (setting) => {
      const { heightMm } = needsOf({
        ...setting,
        site: { ...setting.site, visitors: setting.site.visitors.filter((who) => who === 'rabbits') },
      });
      return heightMm > 0
        ? { value: perMarket(setting.market, 24, 610), why: fact('height.rabbit') }
        : { value: perMarket(setting.market, 10, 250), why: fact('height.young') };
    },
  },
  below: {
    type: 'length',
    label: 'In the soil',
    group: 'Collar',
    min: 0,
    max: inches(12),
    help: 'Pressed in while the soil is loose.',
    suggest: (setting) =>
      setting.site.visitors.includes('rabbits')
        ? { value: perMarket(setting.market, 6, 150), why: fact('below.dig') }
        : { value: perMarket(setting.market, 2, 50), why: fact('below.stands') },
  },
  apart: {
    type: 'length',
    label: 'Middle to middle',
    group: 'Row',
    min: inches(4),
    max: feet(8),
    help: 'As the plants stand.',
    suggest: (setting, set) => {
      const spacing = setting.planted.reduce((most, one) => Math.max(most, one.training.spacingMm), 0);
      return {
        value: tidy(Math.max(spacing, Number(set.diameter) + inches(2)), setting.market),
        why: fact('apart.plants'),
      };
    },
  },
  ...cageRowKnobs,
  cages: { ...cageRowKnobs.cages, label: 'Collars' },
} as const satisfies Knobs<BedSetting>;

export type CollarValues = Values<typeof COLLAR_KNOBS>;
