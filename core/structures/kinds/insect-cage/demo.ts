import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'step-bed',
      name: 'Bed by the steps',
      xMm: 7300,
      yMm: 9300,
      turnDeg: 90,
      lengthMm: feet(6),
      widthMm: feet(2),
      wind: 'sheltered',
      stood: ['', 'bean', ''],
      note: 'Strawberries for the kitchen, which the blackbirds find first.',
    }),
  ],
  plantings: [{ id: 'step-strawberries', bed: 'step-bed', crop: 'strawberry', training: 'row', count: 3 }],
  structures: [
    {
      id: 'step-cages',
      name: 'Strawberry cages',
      stand: { on: 'bed', bed: 'step-bed' },
      plantings: ['step-strawberries'],
    },
  ],
} as const satisfies DemoPiece;
