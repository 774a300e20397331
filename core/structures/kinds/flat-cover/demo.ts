import { feet } from '../../../quantity/length';
import type { DemoPiece } from '../../kind';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    {
      id: 'seed-bed',
      name: 'Seed bed',
      xMm: 7300,
      yMm: 11_500,
      turnDeg: 90,
      lengthMm: feet(6),
      widthMm: feet(2.5),
      heightMm: 0,
      fill: 'settled',
      outline: { shape: 'rectangle' },
      standFrom: 'both sides',
      riseMm: 0,
      soil: 'loam',
      wind: 'sheltered',
      grewBefore: ['', '', ''],
      note: 'Carrots, under a net from the day they are sown.',
    },
  ],
  plantings: [{ id: 'seed-carrots', bed: 'seed-bed', crop: 'carrot', training: 'row', count: 120 }],
  structures: [
    {
      id: 'carrot-net',
      name: 'Net on the carrots',
      stand: { on: 'bed', bed: 'seed-bed' },
      plantings: ['seed-carrots'],
      knobs: {},
    },
  ],
} as const satisfies DemoPiece;
