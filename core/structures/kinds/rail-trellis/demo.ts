import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'melon-bed',
      name: 'Melon bed',
      xMm: 9850,
      yMm: 8600,
      turnDeg: 90,
      lengthMm: 5500,
      widthMm: 900,
      heightMm: 200,
      stood: ['pea', 'cabbage', ''],
      note: 'Between the cinder path and the cable. Boards are 45 mm.',
    }),
  ],
  plantings: [{ id: 'melons', bed: 'melon-bed', crop: 'melon', training: 'vine', count: 8 }],
  structures: [
    {
      id: 'melon-trellis',
      name: 'Melon trellis',
      stand: { on: 'bed', bed: 'melon-bed' },
      plantings: ['melons'],
      knobs: { shelf: 'top' },
    },
  ],
} as const satisfies DemoPiece;
