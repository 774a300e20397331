import { feet, inches } from '../../../quantity/length';
import type { DemoPiece } from '../../kind';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    {
      id: 'quay-bed',
      name: 'Quay bed',
      xMm: 8500,
      yMm: 700,
      turnDeg: 0,
      lengthMm: feet(12),
      widthMm: feet(3),
      heightMm: inches(11),
      fill: 'settled',
      outline: { shape: 'rectangle' },
      standFrom: 'both sides',
      riseMm: 0,
      soil: 'loam',
      wind: 'exposed',
      grewBefore: ['pea', 'parsley', ''],
      note: 'Open to the river: everything here is tied twice.',
    },
  ],
  plantings: [{ id: 'quay-squash', bed: 'quay-bed', crop: 'squash', training: 'vine', count: 4 }],
  structures: [
    {
      id: 'squash-wall',
      name: 'Squash wall on the quay',
      stand: { on: 'bed', bed: 'quay-bed' },
      plantings: ['quay-squash'],
      knobs: {},
    },
  ],
} as const satisfies DemoPiece;
