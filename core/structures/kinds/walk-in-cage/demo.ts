import { feet, inches } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the bed and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'berry-bed',
      name: 'Berry bed',
      xMm: 9950,
      yMm: 4350,
      turnDeg: 90,
      lengthMm: feet(6),
      widthMm: inches(30),
      note: 'Blackbirds had every berry last year.',
    }),
  ],
  plantings: [{ id: 'berry-strawberries', bed: 'berry-bed', crop: 'strawberry', training: 'row', count: 4 }],
  structures: [
    {
      id: 'berry-cage',
      name: 'Berry cage',
      stand: { on: 'bed', bed: 'berry-bed' },
      plantings: ['berry-strawberries'],
      knobs: { room: inches(12) },
    },
  ],
} as const satisfies DemoPiece;
