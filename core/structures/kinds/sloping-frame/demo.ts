import { feet } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the bed and the cucumbers it carries. */
export const demo = {
  beds: [
    demoBed({
      id: 'ramp-bed',
      name: 'Ramp bed',
      xMm: 13_930,
      yMm: 7000,
      turnDeg: 90,
      lengthMm: feet(8),
      widthMm: feet(3),
      note: 'Salads want shade here by July.',
    }),
  ],
  plantings: [{ id: 'ramp-cucumbers', bed: 'ramp-bed', crop: 'cucumber', training: 'vine', count: 8 }],
  structures: [
    {
      id: 'cucumber-slope',
      name: 'Cucumber slope',
      stand: { on: 'bed', bed: 'ramp-bed' },
      plantings: ['ramp-cucumbers'],
    },
  ],
} as const satisfies DemoPiece;
