import { feet, inches } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the beds and plants it stands over. */
export const demo = {
  beds: [
    demoBed({
      id: 'long-bed',
      name: 'Long bed',
      xMm: 6000,
      yMm: 9000,
      turnDeg: 90,
      lengthMm: feet(24),
      widthMm: feet(3),
      heightMm: inches(11),
      stood: ['cabbage', 'gourd', ''],
      wind: 'exposed',
      note: 'Boards renewed the winter before last. The west wind comes over it.',
    }),
    demoBed({
      id: 'ramp-row',
      name: 'Slipway row',
      xMm: 12800,
      yMm: 7200,
      turnDeg: 90,
      lengthMm: 9150,
      widthMm: 900,
      riseMm: -480,
      soil: 'sand',
      wind: 'exposed',
      note: 'Falls towards the old slip; sand under a hand of good soil.',
    }),
    demoBed({
      id: 'odd-bed',
      name: 'Boathouse bed',
      xMm: 10400,
      yMm: 2400,
      lengthMm: inches(139.5),
      widthMm: feet(3),
      heightMm: inches(7.25),
      riseMm: inches(3),
      soil: 'clay',
      stood: ['daisy', 'parsley', ''],
      note: '11′ 7½″, because the boathouse is not square.',
    }),
  ],
  plantings: [
    { id: 'long-tomatoes', bed: 'long-bed', crop: 'tomato', training: 'two-leaders', count: 14 },
    { id: 'ramp-beans', bed: 'ramp-row', crop: 'runner-bean', training: 'single', count: 40 },
    { id: 'odd-peas', bed: 'odd-bed', crop: 'pea', training: 'row', count: 46 },
    { id: 'odd-lettuce', bed: 'odd-bed', crop: 'lettuce', training: 'head', count: 12 },
  ],
  structures: [
    {
      id: 'tomato-wall',
      name: 'Tomato wall',
      stand: { on: 'bed', bed: 'long-bed' },
      plantings: ['long-tomatoes'],
      // As far apart as the trade sets them, against what is suggested here: it stands in May and does not hold in September.
      knobs: { postSpacing: feet(8) },
    },
    {
      id: 'bean-wall',
      name: 'Bean wall down to the slip',
      stand: { on: 'bed', bed: 'ramp-row' },
      plantings: ['ramp-beans'],
      knobs: { panel: 'panel-3m' },
    },
    {
      id: 'pea-wall',
      name: 'Pea wall',
      stand: { on: 'bed', bed: 'odd-bed' },
      plantings: ['odd-peas'],
    },
  ],
} as const satisfies DemoPiece;
