import { SOIL } from '../../../site/underfoot';
import type { DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [],
  plantings: [{ id: 'mast-strawberries', bed: 'mast', crop: 'strawberry', training: 'hills', count: 36 }],
  structures: [
    {
      id: 'mast',
      name: 'Strawberry masts',
      stand: { on: 'spot', at: { xMm: 7000, yMm: 15_200, turnDeg: 0 }, underfoot: SOIL },
      plantings: ['mast-strawberries'],
    },
  ],
} as const satisfies DemoPiece;
