import { feet, inches } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'string-row',
      name: 'Middle row',
      xMm: 4450,
      yMm: 8800,
      turnDeg: 90,
      lengthMm: feet(20),
      widthMm: feet(3),
      riseMm: inches(4),
      stood: ['parsley', 'pea', ''],
      note: 'Rises a hand towards the wall.',
    }),
  ],
  plantings: [{ id: 'row-tomatoes', bed: 'string-row', crop: 'tomato', training: 'unpruned', count: 8 }],
  structures: [
    {
      id: 'tomato-weave',
      name: 'Tomato weave',
      stand: { on: 'bed', bed: 'string-row' },
      plantings: ['row-tomatoes'],
    },
  ],
} as const satisfies DemoPiece;
