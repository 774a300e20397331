import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the bed and the tree it carries. */
export const demo = {
  beds: [
    demoBed({
      id: 'cool-border',
      name: 'Cool border',
      xMm: 7300,
      yMm: 14_540,
      turnDeg: 180,
      lengthMm: feet(12),
      widthMm: 600,
      standFrom: 'front only',
      note: 'Behind the yard wall: a cooking apple fruits on the cool side too.',
    }),
  ],
  plantings: [{ id: 'cool-apple', bed: 'cool-border', crop: 'apple', training: 'espalier', count: 1 }],
  structures: [
    {
      id: 'apple-espalier',
      name: 'Espalier on the yard wall',
      stand: { on: 'bed', bed: 'cool-border' },
      plantings: ['cool-apple'],
    },
  ],
} as const satisfies DemoPiece;
