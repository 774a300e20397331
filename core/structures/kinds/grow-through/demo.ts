import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the bed and the dahlias it keeps. */
export const demo = {
  beds: [
    demoBed({
      id: 'lamp-bed',
      name: 'Lamp bed',
      xMm: 23_000,
      yMm: 6300,
      turnDeg: 90,
      lengthMm: feet(6),
      widthMm: feet(2.5),
    }),
  ],
  plantings: [{ id: 'lamp-dahlias', bed: 'lamp-bed', crop: 'dahlia', training: 'bush', count: 3 }],
  structures: [
    {
      id: 'dahlia-grid',
      name: 'Dahlia grid',
      stand: { on: 'bed', bed: 'lamp-bed' },
      plantings: ['lamp-dahlias'],
    },
  ],
} as const satisfies DemoPiece;
