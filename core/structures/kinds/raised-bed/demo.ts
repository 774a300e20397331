import { feet, inches } from '../../../quantity/length';
import { demoBed, type DemoPiece } from '../../demo-piece';

/** What of it stands in the demo garden, with the bed that it is. */
export const demo = {
  beds: [
    demoBed({
      id: 'keyhole-bed',
      name: 'Keyhole bed',
      xMm: 19_000,
      yMm: 8900,
      heightMm: inches(11),
      lengthMm: feet(8),
      widthMm: feet(8),
      outline: { shape: 'keyhole', notchLongMm: feet(3), notchDeepMm: feet(4) },
      note: 'Eight feet square with a place to stand in its middle.',
    }),
    demoBed({
      id: 'block-bed',
      name: 'Block bed',
      xMm: 17_800,
      yMm: 1900,
      heightMm: inches(15.25),
      lengthMm: inches(140.25),
      widthMm: inches(46.5),
    }),
  ],
  plantings: [{ id: 'keyhole-chard', bed: 'keyhole-bed', crop: 'chard', training: 'row', count: 12 }],
  structures: [
    { id: 'keyhole-sides', name: 'Sides of the keyhole bed', stand: { on: 'bed', bed: 'keyhole-bed' }, plantings: [] },
    {
      id: 'block-sides',
      name: 'Block bed',
      stand: { on: 'bed', bed: 'block-bed' },
      plantings: [],
      knobs: { make: 'blocks' },
    },
  ],
} as const satisfies DemoPiece;
