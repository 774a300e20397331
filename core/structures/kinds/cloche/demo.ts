import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the bed and the row it warms. */
export const demo = {
  beds: [
    demoBed({
      id: 'lantern-bed',
      name: 'Lantern bed',
      xMm: 23_150,
      yMm: 8600,
      turnDeg: 90,
      lengthMm: feet(6),
      widthMm: feet(2),
      note: 'First salads of the year.',
    }),
  ],
  plantings: [{ id: 'lantern-lettuce', bed: 'lantern-bed', crop: 'lettuce', training: 'head', count: 6 }],
  structures: [
    {
      id: 'lantern-cloche',
      name: 'Lantern cloche',
      stand: { on: 'bed', bed: 'lantern-bed' },
      plantings: ['lantern-lettuce'],
    },
  ],
} as const satisfies DemoPiece;
