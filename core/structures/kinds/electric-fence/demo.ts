import { feet } from '../../../quantity/length';
import { SOIL } from '../../../site/underfoot';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden: round the sweetcorn, against badgers. */
export const demo = {
  beds: [
    demoBed({
      id: 'corn-bed',
      name: 'Corn bed',
      xMm: 16_050,
      yMm: 4900,
      turnDeg: 90,
      lengthMm: feet(8),
      widthMm: feet(4),
      note: 'Badgers had all of it two years ago.',
    }),
  ],
  plantings: [{ id: 'corn', bed: 'corn-bed', crop: 'sweetcorn', training: 'block', count: 15 }],
  structures: [
    {
      id: 'badger-wires',
      name: 'Badger wires',
      stand: {
        on: 'path',
        spots: [
          { xMm: 15_050, yMm: 3300, groundMm: 0 },
          { xMm: 17_050, yMm: 3300, groundMm: 0 },
          { xMm: 17_050, yMm: 6500, groundMm: 0 },
          { xMm: 15_050, yMm: 6500, groundMm: 0 },
        ],
        closed: true,
        inside: 'left',
        underfoot: SOIL,
      },
      plantings: [],
      knobs: { against: 'badgers' },
    },
  ],
} as const satisfies DemoPiece;
