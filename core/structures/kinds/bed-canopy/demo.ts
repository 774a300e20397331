import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the bed and the flowers under it. */
export const demo = {
  beds: [
    demoBed({
      id: 'landing-bed',
      name: 'Landing bed',
      xMm: 19_800,
      yMm: 15_100,
      lengthMm: feet(8),
      widthMm: feet(5),
      note: 'Where the ferry landed: to be looked at from the river.',
    }),
  ],
  plantings: [{ id: 'landing-clematis', bed: 'landing-bed', crop: 'clematis', training: 'vine', count: 4 }],
  structures: [
    {
      id: 'landing-canopy',
      name: 'Canopy on the landing',
      stand: { on: 'bed', bed: 'landing-bed' },
      plantings: ['landing-clematis'],
    },
  ],
} as const satisfies DemoPiece;
