import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const PALLET_PLANTER_NAMES: Names = {
  parts: {
    pallet: { word: 'Pallet', means: 'whole' },
    bearer: { word: 'Bearer', means: 'of the pallet, upright' },
    slat: { word: 'Front slat', means: 'of the pallet, level', stacks: true },
    'back slat': { word: 'Back slat', means: 'of the pallet, level' },
    'back cloth': { word: 'Back cloth', means: 'from side to side, with what is folded under' },
    'bottom cloth': { word: 'Bottom cloth', means: 'from front to back under the foot, with what is folded under' },
    'pocket cloth': { word: 'Row cloth', means: 'across a row, with what is folded under' },
    mix: { word: 'Potting mix', means: 'beside one row, between two bearers' },
  },
  joints: {
    'pallet nailed': 'Slats of the pallet',
    'mix filled': 'Mix between the bearers',
    planted: 'Planted through the cloth',
    'planted on top': 'Planted in the open top',
    'held at the wall': 'Head held at the wall',
  },
  joinery: {
    'cloth stapled':
      'Ends folded under once; staples across the edge, close together, from the middle outwards. At the corners the cloth is folded as on a parcel.',
    'mix filled': 'Moist, by the hand, pressed into the corners.',
    'planted on top': 'In the mix between the bearers, stout stems or trailing ones.',
    planted: 'An X cut through both layers, its four flaps bent inwards; roots in the mix, the crown outside.',
    'held at the wall':
      'One leg of the bracket on the outside of the bearer near its head, the other on the wall: two screws in each, plugs in masonry.',
  },
};
