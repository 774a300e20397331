import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the bed and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'bell-bed',
      name: 'Bell bed',
      xMm: 18_600,
      yMm: 13_600,
      lengthMm: feet(4),
      widthMm: feet(4),
      note: 'Sweet peas by the way in, where they are smelt.',
    }),
  ],
  plantings: [{ id: 'bell-sweet-peas', bed: 'bell-bed', crop: 'sweet-pea', training: 'row', count: 12 }],
  structures: [
    {
      id: 'bell-obelisk',
      name: 'Sweet pea obelisk',
      stand: { on: 'bed', bed: 'bell-bed' },
      plantings: ['bell-sweet-peas'],
    },
  ],
} as const satisfies DemoPiece;
