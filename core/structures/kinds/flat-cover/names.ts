import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const FLAT_COVER_NAMES: Names = {
  parts: { cover: { word: 'Cover', means: 'along the bed, with its slack and what is laid down at both ends' } },
  joints: { 'edge held': 'Edge held down', 'strip on strip': 'Strip on strip' },
  joinery: {
    'edge held':
      'The edge lies flat on the soil and is turned over once; a peg goes through both layers, leaning outwards. Over a rim it is hooked on nails that stand half out. The corners first.',
    'strip on strip': 'The strips lap by a hand along the bed, pegged through both.',
  },
};
