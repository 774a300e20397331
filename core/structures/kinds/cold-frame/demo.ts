import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the bed and the salads it covers. */
export const demo = {
  beds: [
    demoBed({
      id: 'hatch-bed',
      name: 'Hatch bed',
      xMm: 18_900,
      yMm: 11_600,
      lengthMm: feet(6),
      widthMm: feet(3),
      note: 'Winter salads, then seedlings from March.',
    }),
  ],
  plantings: [{ id: 'hatch-lettuce', bed: 'hatch-bed', crop: 'lettuce', training: 'head', count: 12 }],
  structures: [
    {
      id: 'hatch-frame',
      name: 'Cold frame',
      stand: { on: 'bed', bed: 'hatch-bed' },
      plantings: ['hatch-lettuce'],
    },
  ],
} as const satisfies DemoPiece;
