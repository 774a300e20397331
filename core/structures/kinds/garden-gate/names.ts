import type { Names } from '../../kind';

/** What its parts and joints are called, and what the length of a part measures. */
export const GARDEN_GATE_NAMES: Names = {
  parts: {
    stile: { word: 'Stile', means: 'upright of the leaf, foot to head' },
    rail: { word: 'Rail', means: 'between the stiles of the leaf' },
    brace: { word: 'Brace', means: 'the one diagonal, long point to long point' },
    board: { word: 'Board', means: 'across the leaf, end to end' },
    mesh: { word: 'Mesh', means: 'mesh by length' },
  },
  joints: {
    'leaf joined': 'Corner of the leaf',
    'brace fixed': 'Brace in its corner',
    'mesh to leaf': 'Mesh to the leaf',
    'board to leaf': 'Board to the leaf',
    hung: 'Hinges',
    latched: 'Latch',
  },
};
