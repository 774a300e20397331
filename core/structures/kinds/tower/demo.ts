import type { DemoPiece } from '../../kind';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [],
  plantings: [],
  structures: [
    {
      id: 'mast',
      name: 'Strawberry masts',
      stand: { on: 'spot', at: { xMm: 7000, yMm: 15_200, turnDeg: 0 } },
      plantings: [],
      knobs: { towers: 2 },
    },
  ],
} as const satisfies DemoPiece;
