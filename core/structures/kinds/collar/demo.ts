import { feet, inches } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the bed and plants it stands over. */
export const demo = {
  beds: [demoBed({ id: 'lock-bed', name: 'Lock bed', xMm: 2600, yMm: 6450, lengthMm: feet(5), widthMm: inches(24) })],
  plantings: [{ id: 'lock-cabbage', bed: 'lock-bed', crop: 'cabbage', training: 'head', count: 3 }],
  structures: [
    {
      id: 'cabbage-collars',
      name: 'Cabbage collars',
      stand: { on: 'bed', bed: 'lock-bed' },
      plantings: ['lock-cabbage'],
    },
  ],
} as const satisfies DemoPiece;
