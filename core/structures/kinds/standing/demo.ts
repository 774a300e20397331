import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden: the slip fence, with sweet peas at its foot. */
export const demo = {
  beds: [
    demoBed({
      id: 'fence-bed',
      name: 'Fence foot',
      xMm: 14_900,
      yMm: 10_800,
      turnDeg: 90,
      lengthMm: feet(6),
      widthMm: 450,
      standFrom: 'front only',
      note: 'The slip fence is wire mesh from here to the pump.',
    }),
  ],
  plantings: [{ id: 'fence-peas', bed: 'fence-bed', crop: 'sweet-pea', training: 'row', count: 8 }],
  structures: [
    {
      id: 'slip-mesh',
      name: 'Slip fence mesh',
      stand: { on: 'bed', bed: 'fence-bed' },
      plantings: ['fence-peas'],
      knobs: { rowAt: 400 },
    },
  ],
} as const satisfies DemoPiece;
