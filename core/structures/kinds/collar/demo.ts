import { feet, inches } from '../../../quantity/length';
import type { DemoPiece } from '../../kind';

/** What of it stands in the demo garden, with the bed and plants it stands over. */
export const demo = {
  beds: [
    {
      id: 'lock-bed',
      name: 'Lock bed',
      xMm: 2600,
      yMm: 6450,
      turnDeg: 0,
      lengthMm: feet(5),
      widthMm: inches(24),
      heightMm: 0,
      fill: 'settled',
      outline: { shape: 'rectangle' },
      standFrom: 'both sides',
      riseMm: 0,
      soil: 'loam',
      wind: 'usual',
      grewBefore: ['', '', ''],
      note: '',
    },
  ],
  plantings: [{ id: 'lock-cabbage', bed: 'lock-bed', crop: 'cabbage', training: 'head', count: 3 }],
  structures: [
    {
      id: 'cabbage-collars',
      name: 'Cabbage collars',
      stand: { on: 'bed', bed: 'lock-bed' },
      plantings: ['lock-cabbage'],
      knobs: {},
    },
  ],
} as const satisfies DemoPiece;
