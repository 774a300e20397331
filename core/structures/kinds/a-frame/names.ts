import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const A_FRAME_NAMES: Names = {
  parts: {
    stile: { word: 'Stile', means: 'up a leaf, foot to head', as: 'body' },
    slat: { word: 'Slat', means: 'across a leaf', stacks: true },
    mesh: { word: 'Mesh', means: 'mesh by length' },
    chain: { word: 'Tether', means: 'tether across a frame, with its ends' },
  },
  joints: {},
  joinery: {
    'slat to stile':
      'The slat lies flat on the outer face of both stiles, flush with their outer edges. Two screws into each stile, askew, so that it cannot rack.',
    'mesh to leaf':
      'The mesh lies on the outer face of the stiles, under the cross rails, its edges flush with theirs.',
    'leaf to leaf':
      'Both leaves lie with their outer faces down and their heads towards each other. One hinge over each pair of stiles, its knuckle over the middle of the gap, the straps along the stiles.',
    'tether to leaf':
      'The eyes sit on the inner faces of the stiles, opposite each other, at the height in the marks. Chain is hooked in; rope takes a round turn and two half hitches.',
  },
  knots: {
    'tether to leaf': ['two half hitches'],
  },
};
