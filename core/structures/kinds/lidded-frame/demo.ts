import { feet } from '../../../quantity/length';
import type { DemoPiece } from '../../kind';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    {
      id: 'rope-walk-bed',
      name: 'Rope-walk bed',
      xMm: 13_350,
      yMm: 1400,
      turnDeg: 90,
      lengthMm: feet(8),
      widthMm: feet(3),
      heightMm: 0,
      fill: 'settled',
      outline: { shape: 'rectangle' },
      standFrom: 'both sides',
      riseMm: 0,
      soil: 'loam',
      wind: 'usual',
      grewBefore: ['', 'cabbage', ''],
      note: 'Something tunnels in from the river bank.',
    },
  ],
  plantings: [{ id: 'rope-walk-lettuce', bed: 'rope-walk-bed', crop: 'lettuce', training: 'head', count: 18 }],
  structures: [
    {
      id: 'salad-frame',
      name: 'Salad frame',
      stand: { on: 'bed', bed: 'rope-walk-bed' },
      plantings: ['rope-walk-lettuce'],
      knobs: {},
    },
  ],
} as const satisfies DemoPiece;
