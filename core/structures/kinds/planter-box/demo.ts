import { SOIL } from '../../../site/underfoot';
import type { DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden: salads at the height of hips, its back to the slip fence. */
export const demo = {
  beds: [],
  plantings: [{ id: 'bench-lettuce', bed: 'salad-bench', crop: 'lettuce', training: 'head', count: 8 }],
  structures: [
    {
      id: 'salad-bench',
      name: 'Salad bench',
      stand: { on: 'spot', at: { xMm: 14_930, yMm: 8600, turnDeg: 90 }, underfoot: SOIL },
      plantings: ['bench-lettuce'],
    },
  ],
} as const satisfies DemoPiece;
