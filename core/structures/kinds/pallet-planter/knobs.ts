import { countOf } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import type { PlaceOn } from '../../../site/stands/stands';
import { fact } from '../../../wording/say';
import type { Knobs, Values } from '../../knob';
import { plantsKnob } from '../../rules/potting';
import { perMarket } from '../../rules/tidy';
import { isOffered, type Setting } from '../../setting';
import { PALLETS, type Pallet } from '../../../catalogue/pallets';
import { cellOf, rowsOf } from './pallet';

export type SpotSetting = Setting<PlaceOn<'spot'>>;

/** A strawberry wants a hand and a half (from memory). mm. */
const HAND_MM = inches(8);

/** Asked before the pallet is settled it is the common one. */
const palletOf = (set: { pallet?: unknown }): Pallet =>
  PALLETS[String(set.pallet) as keyof typeof PALLETS] ?? PALLETS['pallet-48x40'];

/** A pallet stood on end, closed with doubled cloth and planted through it (common practice, no source). */
export const PALLET_PLANTER_KNOBS = {
  pallet: {
    first: true,
    type: 'choice',
    label: 'Pallet',
    group: 'Pallet',
    choices: [
      { id: 'pallet-48x40', label: '48″ high, 40″ wide (1219 × 1016 mm)' },
      { id: 'pallet-1200x800', label: '800 mm high, 1200 mm wide' },
    ],
    offered: (setting) => Object.keys(PALLETS).filter((id) => isOffered(setting, id)),
    help: 'Only one with the mark HT: heat treated. Any other mark, or none, may mean poison.',
    suggest: (setting) => ({
      value: setting.market === 'imperial' ? 'pallet-48x40' : 'pallet-1200x800',
      why: fact('pallet.common'),
    }),
  },
  pallets: {
    type: 'count',
    label: 'Pallets',
    group: 'Pallet',
    min: 1,
    max: 8,
    help: 'Beside each other on one wall.',
    suggest: (setting, set) => {
      const pallet = palletOf(set);
      const planned = countOf(setting.planted);
      const places = (rowsOf(pallet, Number(set.rows)) + 1) * Number(set.each);
      return planned > places
        ? { value: Math.min(8, Math.ceil(planned / places)), why: fact('pallets.planned', { planned, places }) }
        : { value: 1, why: fact('pallets.one') };
    },
  },
  rows: {
    first: true,
    type: 'count',
    label: 'Rows of plants',
    group: 'Pallet',
    min: 1,
    max: 6,
    help: 'A slat stays under each, and one at the top.',
    suggest: (_setting, set) => ({ value: Math.floor((palletOf(set).fronts - 1) / 2), why: fact('rows.second') }),
  },
  apart: {
    type: 'length',
    label: 'Between two pallets',
    group: 'Pallet',
    min: inches(1),
    max: feet(4),
    help: 'So that the sides of each can be got at.',
    shown: (set) => Number(set.pallets) > 1,
    suggest: (setting) => ({ value: perMarket(setting.market, 4, 100), why: fact('apart.hand') }),
  },
  each: {
    first: true,
    type: 'count',
    label: 'Plants in a row',
    group: 'Plants',
    min: 1,
    max: 24,
    help: 'Half of them on each side of the middle bearer, through X cuts in the cloth.',
    suggest: (_setting, set) => ({
      value: 2 * Math.max(1, Math.floor(cellOf(palletOf(set)) / HAND_MM)),
      why: fact('each.hand'),
    }),
  },
  plants: plantsKnob,
  foot: {
    type: 'length',
    label: 'Foot from the wall',
    group: 'Stand',
    min: 0,
    max: feet(2),
    help: 'From the wall to the lower back edge: how far it leans.',
    suggest: (setting) => ({ value: perMarket(setting.market, 8, 200), why: fact('foot.leans') }),
  },
  head: {
    type: 'choice',
    label: 'Its head',
    group: 'Stand',
    choices: [
      { id: 'brackets', label: 'screwed to the wall' },
      { id: 'leaned', label: 'only leaned' },
    ],
    help: 'A wall that is yours to screw into.',
    suggest: () => ({ value: 'brackets', why: fact('head.pulled') }),
  },
} as const satisfies Knobs<SpotSetting>;

export type PalletPlanterValues = Values<typeof PALLET_PLANTER_KNOBS>;
