import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'sail-bed',
      name: 'Sail-loft bed',
      xMm: 2750,
      yMm: 11_750,
      turnDeg: 90,
      lengthMm: feet(9),
      widthMm: feet(3),
      stood: ['tomato', '', ''],
      note: 'Greens, which the white butterflies found every summer.',
    }),
  ],
  plantings: [{ id: 'sail-cabbages', bed: 'sail-bed', crop: 'cabbage', training: 'head', count: 10 }],
  structures: [
    {
      id: 'cabbage-tunnel',
      name: 'Cabbage tunnel',
      stand: { on: 'bed', bed: 'sail-bed' },
      plantings: ['sail-cabbages'],
    },
  ],
} as const satisfies DemoPiece;
