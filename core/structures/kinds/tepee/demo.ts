import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'play-ring',
      name: 'Ring on the grass',
      xMm: 6700,
      yMm: 3500,
      lengthMm: feet(7),
      widthMm: feet(7),
      note: 'For the neighbours’ children, who sit in it.',
    }),
  ],
  plantings: [{ id: 'ring-beans', bed: 'play-ring', crop: 'runner-bean', training: 'single', count: 22 }],
  structures: [
    {
      id: 'bean-tepee',
      name: 'Bean tepee',
      stand: { on: 'bed', bed: 'play-ring' },
      plantings: ['ring-beans'],
    },
  ],
} as const satisfies DemoPiece;
