import { inches } from '../quantity/length';

/** A pallet by its measures, stood on end: three bearers upright, slats level across them. mm. */
export interface Pallet {
  tallMm: number;
  wideMm: number;
  bearerWideMm: number;
  bearerDeepMm: number;
  boardMm: number;
  boardWideMm: number;
  /** Slats of its better side, which becomes the front, and of the other. */
  fronts: number;
  backs: number;
}

/** Two common sizes (measures from memory: every maker’s differ a little, tape your own). */
export const PALLETS = {
  'pallet-48x40': {
    tallMm: inches(48),
    wideMm: inches(40),
    bearerWideMm: inches(1.5),
    bearerDeepMm: inches(3.5),
    boardMm: inches(0.625),
    boardWideMm: inches(3.5),
    fronts: 7,
    backs: 5,
  },
  'pallet-1200x800': {
    tallMm: 800,
    wideMm: 1200,
    bearerWideMm: 100,
    bearerDeepMm: 100,
    boardMm: 22,
    boardWideMm: 100,
    fronts: 5,
    backs: 3,
  },
} as const satisfies Readonly<Record<string, Pallet>>;

export const depthOf = (pallet: Pallet): number => pallet.bearerDeepMm + 2 * pallet.boardMm;
