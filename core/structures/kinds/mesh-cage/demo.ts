import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'lean-to-bed',
      name: 'Lean-to bed',
      xMm: 4000,
      yMm: 4800,
      lengthMm: feet(8),
      widthMm: feet(3),
      wind: 'sheltered',
      stood: ['pea', 'cabbage', ''],
      note: 'Three tomatoes for the kitchen door.',
    }),
  ],
  plantings: [{ id: 'door-tomatoes', bed: 'lean-to-bed', crop: 'tomato', training: 'unpruned', count: 3 }],
  structures: [
    {
      id: 'door-cages',
      name: 'Cages at the kitchen door',
      stand: { on: 'bed', bed: 'lean-to-bed' },
      plantings: ['door-tomatoes'],
    },
  ],
} as const satisfies DemoPiece;
