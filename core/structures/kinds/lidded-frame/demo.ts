import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'rope-walk-bed',
      name: 'Rope-walk bed',
      xMm: 13_350,
      yMm: 1400,
      turnDeg: 90,
      lengthMm: feet(8),
      widthMm: feet(3),
      stood: ['', 'cabbage', ''],
      note: 'Something tunnels in from the river bank.',
    }),
  ],
  plantings: [{ id: 'rope-walk-lettuce', bed: 'rope-walk-bed', crop: 'lettuce', training: 'head', count: 18 }],
  structures: [
    {
      id: 'salad-frame',
      name: 'Salad frame',
      stand: { on: 'bed', bed: 'rope-walk-bed' },
      plantings: ['rope-walk-lettuce'],
    },
  ],
} as const satisfies DemoPiece;
