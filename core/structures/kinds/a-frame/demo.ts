import { feet, inches } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'fold-bed',
      name: 'Wash-house bed',
      xMm: 1000,
      yMm: 10_400,
      turnDeg: 90,
      lengthMm: feet(8),
      widthMm: feet(4),
      heightMm: inches(7.25),
      wind: 'sheltered',
      stood: ['daisy', '', ''],
      note: 'Cleared every winter for the boat.',
    }),
  ],
  plantings: [{ id: 'fold-cucumbers', bed: 'fold-bed', crop: 'cucumber', training: 'free', count: 10 }],
  structures: [
    {
      id: 'cucumber-fold',
      name: 'Folding cucumber frames',
      stand: { on: 'bed', bed: 'fold-bed' },
      plantings: ['fold-cucumbers'],
    },
  ],
} as const satisfies DemoPiece;
