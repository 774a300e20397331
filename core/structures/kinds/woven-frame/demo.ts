import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'pea-beds',
      name: 'Net-loft bed',
      xMm: 1000,
      yMm: 6500,
      turnDeg: 90,
      lengthMm: 2600,
      widthMm: 1000,
      wind: 'sheltered',
      stood: ['cabbage', 'daisy', ''],
      note: 'Bram’s: everything here in millimetres.',
    }),
  ],
  plantings: [{ id: 'loft-peas', bed: 'pea-beds', crop: 'pea', training: 'row', count: 60 }],
  structures: [
    {
      id: 'pea-tunnel',
      name: 'Pea tunnel',
      stand: { on: 'bed', bed: 'pea-beds' },
      plantings: ['loft-peas'],
    },
  ],
} as const satisfies DemoPiece;
