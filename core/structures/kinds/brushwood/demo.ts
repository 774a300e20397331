import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the bed and the peas it carries. */
export const demo = {
  beds: [
    demoBed({
      id: 'withy-bed',
      name: 'Withy bed',
      xMm: 23_150,
      yMm: 3400,
      turnDeg: 90,
      lengthMm: feet(8),
      widthMm: feet(2),
    }),
  ],
  plantings: [{ id: 'withy-peas', bed: 'withy-bed', crop: 'pea', training: 'row', count: 60 }],
  structures: [
    {
      id: 'pea-brush',
      name: 'Brushwood for peas',
      stand: { on: 'bed', bed: 'withy-bed' },
      plantings: ['withy-peas'],
    },
  ],
} as const satisfies DemoPiece;
