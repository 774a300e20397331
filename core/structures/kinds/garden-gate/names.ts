import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const GARDEN_GATE_NAMES: Names = {
  parts: {
    rail: { word: 'Rail', means: 'between the stiles of the leaf', stacks: true },
    board: { word: 'Board', means: 'across the leaf, end to end', stacks: true },
    mesh: { word: 'Mesh', means: 'mesh by length' },
    'low mesh': { word: 'Fine mesh', means: 'along the leaf, low down' },
  },
  joints: {
    'board to leaf': 'Board to the leaf',
  },
  joinery: {
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
