import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'lock-west',
      name: 'Rose bed, west',
      xMm: 17_800,
      yMm: 5200,
      turnDeg: 90,
      lengthMm: feet(8),
      widthMm: 600,
      note: 'On both sides of the way to the far gate.',
    }),
    demoBed({
      id: 'lock-east',
      name: 'Rose bed, east',
      xMm: 17_800 + 600 + feet(5),
      yMm: 5200,
      turnDeg: 90,
      lengthMm: feet(8),
      widthMm: 600,
    }),
  ],
  plantings: [
    { id: 'west-roses', bed: 'lock-west', crop: 'climbing-rose', training: 'fan', count: 1 },
    { id: 'east-honeysuckle', bed: 'lock-east', crop: 'honeysuckle', training: 'vine', count: 1 },
  ],
  structures: [
    {
      id: 'rose-arbor',
      name: 'Rose arbor',
      stand: { on: 'beds', beds: ['lock-west', 'lock-east'] },
      plantings: ['west-roses', 'east-honeysuckle'],
    },
  ],
} as const satisfies DemoPiece;
