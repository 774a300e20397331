import { feet, inches } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'wall-border',
      name: 'Warm wall border',
      xMm: 5200,
      yMm: 13700,
      lengthMm: 4270,
      widthMm: 600,
      standFrom: 'front only',
      wind: 'sheltered',
      stood: ['pea', '', 'nightshade'],
      note: 'Against the south face of the yard wall. The tape says 4.27 m to the drainpipe.',
    }),
    demoBed({
      id: 'yard-bed',
      name: 'Yard bed',
      xMm: 2600,
      yMm: 8600,
      turnDeg: 90,
      lengthMm: feet(10),
      widthMm: feet(4),
      heightMm: inches(11),
      wind: 'sheltered',
      stood: ['nightshade', 'cabbage', 'pea'],
      note: 'Where the ferryman kept his pigs: the best soil on the place.',
    }),
  ],
  plantings: [
    { id: 'wall-cucumbers', bed: 'wall-border', crop: 'cucumber', training: 'vine', count: 12 },
    { id: 'yard-tomatoes', bed: 'yard-bed', crop: 'tomato', training: 'one-stem', count: 10 },
  ],
  structures: [
    {
      id: 'cucumber-frame',
      name: 'Cucumber strings on the wall',
      stand: { on: 'bed', bed: 'wall-border' },
      plantings: ['wall-cucumbers'],
      knobs: { section: '45x95', treatment: 'durable' },
    },
    {
      id: 'string-frame',
      name: 'Single-stem tomatoes',
      stand: { on: 'bed', bed: 'yard-bed' },
      plantings: ['yard-tomatoes'],
    },
  ],
} as const satisfies DemoPiece;
