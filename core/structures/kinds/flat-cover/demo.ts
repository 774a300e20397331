import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'seed-bed',
      name: 'Seed bed',
      xMm: 7300,
      yMm: 11_500,
      turnDeg: 90,
      lengthMm: feet(6),
      widthMm: feet(2.5),
      wind: 'sheltered',
      note: 'Carrots, under a net from the day they are sown.',
    }),
  ],
  plantings: [{ id: 'seed-carrots', bed: 'seed-bed', crop: 'carrot', training: 'row', count: 120 }],
  structures: [
    {
      id: 'carrot-net',
      name: 'Net on the carrots',
      stand: { on: 'bed', bed: 'seed-bed' },
      plantings: ['seed-carrots'],
    },
  ],
} as const satisfies DemoPiece;
