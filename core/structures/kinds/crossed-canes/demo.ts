import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the bed and the beans it carries. */
export const demo = {
  beds: [
    demoBed({
      id: 'slip-bed',
      name: 'Slip bed',
      xMm: 15_420,
      yMm: 13_700,
      turnDeg: 90,
      lengthMm: feet(10),
      widthMm: feet(3),
      note: 'Along the slip fence, out of the river wind.',
    }),
  ],
  plantings: [{ id: 'runners', bed: 'slip-bed', crop: 'runner-bean', training: 'single', count: 24 }],
  structures: [
    {
      id: 'runner-canes',
      name: 'Crossed canes on the slip',
      stand: { on: 'bed', bed: 'slip-bed' },
      plantings: ['runners'],
    },
  ],
} as const satisfies DemoPiece;
