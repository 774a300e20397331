import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the bed and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'shed-bed',
      name: 'Shed bed',
      xMm: 5000,
      yMm: 6600,
      lengthMm: feet(6),
      widthMm: feet(2),
      wind: 'sheltered',
      note: 'Out of the wind between the sheds.',
    }),
  ],
  plantings: [{ id: 'shed-peppers', bed: 'shed-bed', crop: 'pepper', training: 'bush', count: 4 }],
  structures: [
    {
      id: 'pepper-stakes',
      name: 'Pepper stakes',
      stand: { on: 'bed', bed: 'shed-bed' },
      plantings: ['shed-peppers'],
    },
  ],
} as const satisfies DemoPiece;
