import { PALLETS } from '../../../catalogue/pallets';
import { feet, inches } from '../../../quantity/length';
import type { PlaceOn } from '../../../site/stands/stands';
import { fact } from '../../../wording/say';
import type { Knobs, Settled, Values } from '../../knob';
import { perMarket } from '../../rules/tidy';
import { sectionKnob } from '../../rules/timber-knobs';
import { isOffered, type Setting } from '../../setting';

export type PathSetting = Setting<PlaceOn<'path'>>;

type PalletId = keyof typeof PALLETS;
export const palletOf = (set: Settled) => PALLETS[String(set.pallet) as PalletId] ?? PALLETS['pallet-48x40'];

/** How long a pallet is on its long edge, and how high it stands then. mm. */
export const onEdge = ({ tallMm, wideMm }: { tallMm: number; wideMm: number }): { longMm: number; highMm: number } => ({
  longMm: Math.max(tallMm, wideMm),
  highMm: Math.min(tallMm, wideMm),
});

/**
 * Pallets on their long edge in a line, half a board over each joint, stakes at the joints, one pallet hung as a gate
 * (common practice, no source); sizes from memory.
 */
export const PALLET_FENCE_KNOBS = {
  pallet: {
    type: 'choice',
    label: 'Pallets',
    group: 'Fence',
    choices: [
      { id: 'pallet-48x40', label: '48 × 40″ (1219 × 1016 mm)' },
      { id: 'pallet-1200x800', label: '1200 × 800 mm' },
    ],
    offered: (setting) => Object.keys(PALLETS).filter((id) => isOffered(setting, id)),
    help: 'Marked HT, heat-treated, and with no other treatment mark. On their long edge.',
    suggest: () => ({ value: 'pallet-48x40', why: fact('pallet.high') }),
  },
  joints: {
    type: 'choice',
    label: 'Over the joints',
    group: 'Fence',
    choices: [
      { id: 'boards', label: 'half a board on each' },
      { id: 'none', label: 'nothing' },
    ],
    help: 'A board over each joint makes one wall of them.',
    suggest: () => ({ value: 'boards', why: fact('joints.board') }),
  },
  boardOf: sectionKnob({
    label: 'Boards of',
    group: 'Fence',
    of: ['1x6', '1x4', '22x145', '22x95'],
    usual: { imperial: ['1x6', '22x145', '1x4', '22x95'], metric: ['22x145', '1x6', '22x95', '1x4'] },
    help: 'Half of an 8′ (2.4 m) one over each joint.',
    shown: (set) => set.joints === 'boards',
  }),
  stakeOf: sectionKnob({
    label: 'Stakes of',
    group: 'Stakes',
    of: ['2x2', '2x4', '45x45', '45x95'],
    usual: { imperial: ['2x4', '45x95', '2x2', '45x45'], metric: ['45x95', '2x4', '45x45', '2x2'] },
    help: 'One at every joint, corner and end, on the garden’s side.',
  }),
  depth: {
    type: 'length',
    label: 'Stakes in the ground',
    group: 'Stakes',
    min: inches(10),
    max: feet(3),
    help: 'They keep the pallets from being pushed over.',
    suggest: (setting) => ({ value: perMarket(setting.market, 20, 500), why: fact('depth.stakes') }),
  },
  gate: {
    type: 'choice',
    label: 'Gate',
    group: 'Gate',
    choices: [
      { id: 'pallet', label: 'a pallet hung on two ties' },
      { id: 'none', label: 'none' },
    ],
    help: 'It is lifted a little to be opened.',
    suggest: () => ({ value: 'pallet', why: fact('gate.pallet') }),
  },
  gateNo: {
    type: 'count',
    label: 'Which pallet is the gate',
    group: 'Gate',
    min: 1,
    max: 200,
    help: 'Counted from the first corner.',
    shown: (set) => set.gate === 'pallet',
    suggest: () => ({ value: 2, why: fact('gate.second') }),
  },
} as const satisfies Knobs<PathSetting>;

export type PalletFenceValues = Values<typeof PALLET_FENCE_KNOBS>;
