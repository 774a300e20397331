import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'cane-bed',
      name: 'Cane bed',
      xMm: 21_600,
      yMm: 8000,
      turnDeg: 90,
      lengthMm: feet(40),
      widthMm: feet(3),
      note: 'Along the far side, where canes may run.',
    }),
    demoBed({
      id: 'vine-bed',
      name: 'Vine bed',
      xMm: 16_600,
      yMm: 10_600,
      turnDeg: 90,
      lengthMm: feet(20),
      widthMm: feet(2.5),
      soil: 'sand',
      wind: 'exposed',
    }),
  ],
  plantings: [
    { id: 'cane-raspberries', bed: 'cane-bed', crop: 'raspberry', training: 'canes', count: 26 },
    { id: 'vine-grapes', bed: 'vine-bed', crop: 'grape', training: 'arms', count: 3 },
  ],
  structures: [
    {
      id: 'raspberry-wires',
      name: 'Raspberry wires',
      stand: { on: 'bed', bed: 'cane-bed' },
      plantings: ['cane-raspberries'],
    },
    {
      id: 'grape-wires',
      name: 'Grape wires',
      stand: { on: 'bed', bed: 'vine-bed' },
      plantings: ['vine-grapes'],
    },
  ],
} as const satisfies DemoPiece;
