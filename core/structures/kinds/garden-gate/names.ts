import type { Names } from '../../kind';

/** What its parts and joints are called, and what the length of a part measures. */
export const GARDEN_GATE_NAMES: Names = {
  parts: {
    stile: { word: 'Stile', means: 'upright of the leaf, foot to head', as: 'body' },
    rail: { word: 'Rail', means: 'between the stiles of the leaf', stacks: true },
    brace: { word: 'Brace', means: 'the one diagonal, long point to long point', as: 'brace', stacks: true },
    board: { word: 'Board', means: 'across the leaf, end to end', stacks: true },
    mesh: { word: 'Mesh', means: 'mesh by length' },
    'low mesh': { word: 'Fine mesh', means: 'along the leaf, low down' },
  },
  joints: {
    'leaf joined': 'Corner of the leaf',
    'brace fixed': 'Brace in its corner',
    'mesh to leaf': 'Mesh to the leaf',
    'board to leaf': 'Board to the leaf',
    hung: 'Hinges',
    latched: 'Latch',
  },
  joinery: {
    'leaf joined':
      'Halved: the stile loses the back half of its thickness over the width of the rail, the rail its front half. Four screws from the front.',
    'brace fixed':
      'On the back of the leaf, from the lower hinge corner up to the latch corner, its ends plumb and flush with the middle of the stiles. Its screws go into each corner askew.',
    'mesh to leaf':
      'On the outside, edges flush with the leaf; start in the middle of one stile and pull to the other.',
    'board to leaf':
      'Level on the outside, the lowest flush with the foot of the leaf; two screws into each stile, askew.',
    hung: 'The strap lies along the rail, its knuckle over the gap, its plate on the post; the lower hinge first, then plumb, then the others.',
    latched: 'On the stile away from the hinges, at three quarters of the height.',
  },
};
