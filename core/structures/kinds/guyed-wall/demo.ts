import { feet, inches } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'quay-bed',
      name: 'Quay bed',
      xMm: 8500,
      yMm: 700,
      lengthMm: feet(12),
      widthMm: feet(3),
      heightMm: inches(11),
      wind: 'exposed',
      stood: ['pea', 'parsley', ''],
      note: 'Open to the river: everything here is tied twice.',
    }),
  ],
  plantings: [{ id: 'quay-squash', bed: 'quay-bed', crop: 'squash', training: 'vine', count: 4 }],
  structures: [
    {
      id: 'squash-wall',
      name: 'Squash wall on the quay',
      stand: { on: 'bed', bed: 'quay-bed' },
      plantings: ['quay-squash'],
    },
  ],
} as const satisfies DemoPiece;
