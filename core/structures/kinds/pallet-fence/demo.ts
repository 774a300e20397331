import { SOIL } from '../../../site/underfoot';
import type { DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden: round the corner of the heap, against the neighbours' goats. */
export const demo = {
  beds: [],
  plantings: [],
  structures: [
    {
      id: 'goat-fence',
      name: 'Goat fence',
      stand: {
        on: 'path',
        spots: [
          { xMm: 15_200, yMm: 500, groundMm: 0 },
          { xMm: 23_600, yMm: 500, groundMm: 0 },
          { xMm: 23_600, yMm: 6300, groundMm: 0 },
        ],
        closed: false,
        inside: 'left',
        underfoot: SOIL,
      },
      plantings: [],
    },
  ],
} as const satisfies DemoPiece;
