import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the bed and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'stoop-bed',
      name: 'Stoop bed',
      xMm: 950,
      yMm: 12_700,
      lengthMm: feet(5),
      widthMm: feet(2),
      wind: 'sheltered',
      note: 'Behind the house, out of the wind.',
    }),
  ],
  plantings: [{ id: 'stoop-peppers', bed: 'stoop-bed', crop: 'pepper', training: 'bush', count: 3 }],
  structures: [
    {
      id: 'pepper-stakes',
      name: 'Pepper stakes',
      stand: { on: 'bed', bed: 'stoop-bed' },
      plantings: ['stoop-peppers'],
    },
  ],
} as const satisfies DemoPiece;
