import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the bed and the tomatoes it keeps dry. */
export const demo = {
  beds: [
    demoBed({
      id: 'tally-bed',
      name: 'Tally bed',
      xMm: 23_000,
      yMm: 11_500,
      turnDeg: 90,
      lengthMm: feet(8),
      widthMm: feet(3),
      note: 'Blight comes up the river in August.',
    }),
  ],
  plantings: [{ id: 'tally-tomatoes', bed: 'tally-bed', crop: 'tomato-bush', training: 'bush', count: 4 }],
  structures: [
    {
      id: 'tally-roof',
      name: 'Tomato roof',
      stand: { on: 'bed', bed: 'tally-bed' },
      plantings: ['tally-tomatoes'],
    },
  ],
} as const satisfies DemoPiece;
