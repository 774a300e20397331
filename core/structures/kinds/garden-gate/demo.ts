import type { DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [],
  plantings: [],
  structures: [
    {
      id: 'river-gate',
      name: 'River gate',
      // In the middle of the long run.
      stand: { on: 'run', of: 'river-fence', atMm: 10_261.6 },
      plantings: [],
    },
  ],
} as const satisfies DemoPiece;
