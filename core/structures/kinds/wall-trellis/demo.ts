import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the bed and the rose it carries. */
export const demo = {
  beds: [
    demoBed({
      id: 'house-border',
      name: 'House border',
      xMm: 1040,
      yMm: 14_190,
      lengthMm: feet(6),
      widthMm: 600,
      standFrom: 'front only',
      note: 'Under the kitchen window: dry, and the warmest wall of all.',
    }),
  ],
  plantings: [{ id: 'kitchen-rose', bed: 'house-border', crop: 'climbing-rose', training: 'fan', count: 1 }],
  structures: [
    {
      id: 'kitchen-lattice',
      name: 'Rose lattice by the kitchen',
      stand: { on: 'bed', bed: 'house-border' },
      plantings: ['kitchen-rose'],
      knobs: { form: 'diamond' },
    },
  ],
} as const satisfies DemoPiece;
