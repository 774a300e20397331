import { SOIL } from '../../../site/underfoot';
import type { DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden. */
export const demo = {
  beds: [],
  plantings: [{ id: 'wall-strawberries', bed: 'wall-pallet', crop: 'strawberry', training: 'hills', count: 16 }],
  structures: [
    {
      id: 'wall-pallet',
      name: 'Pallet on the yard wall',
      stand: { on: 'spot', at: { xMm: 7700, yMm: 13_800, turnDeg: 0 }, underfoot: SOIL },
      plantings: ['wall-strawberries'],
    },
  ],
} as const satisfies DemoPiece;
