import { feet, inches } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'dock-west',
      name: 'Dry-dock bed, west',
      xMm: 12_250,
      yMm: 13_600,
      turnDeg: 90,
      lengthMm: feet(9),
      widthMm: 600,
      heightMm: inches(7.25),
      stood: ['', 'pea', ''],
      note: 'One of two where the dry dock was; the way between them leads to the gate.',
    }),
    demoBed({
      id: 'dock-east',
      name: 'Dry-dock bed, east',
      xMm: 12_250 + 600 + feet(4),
      yMm: 13_600,
      turnDeg: 90,
      lengthMm: feet(9),
      widthMm: 600,
      heightMm: inches(7.25),
      stood: ['', 'cabbage', ''],
      note: 'Its twin, four feet across the way.',
    }),
  ],
  plantings: [
    { id: 'dock-cucumbers', bed: 'dock-west', crop: 'cucumber', training: 'vine', count: 8 },
    { id: 'dock-beans', bed: 'dock-east', crop: 'pole-bean', training: 'single', count: 16 },
  ],
  structures: [
    {
      id: 'dock-arch',
      name: 'Dry-dock arch',
      stand: { on: 'beds', beds: ['dock-west', 'dock-east'] },
      plantings: ['dock-cucumbers', 'dock-beans'],
    },
  ],
} as const satisfies DemoPiece;
