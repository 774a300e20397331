import { SOIL } from '../../../site/underfoot';
import type { DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [],
  plantings: [],
  structures: [
    {
      id: 'river-fence',
      name: 'River fence',
      stand: {
        on: 'path',
        spots: [
          { xMm: 350, yMm: 5300, groundMm: 0 },
          { xMm: 350, yMm: 120, groundMm: -260 },
          { xMm: 10_500, yMm: 120, groundMm: -420 },
        ],
        closed: false,
        inside: 'left',
        underfoot: SOIL,
      },
      plantings: [],
    },
  ],
} as const satisfies DemoPiece;
