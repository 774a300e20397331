import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const GARDEN_FENCE_NAMES: Names = {
  parts: {
    mesh: { word: 'Mesh', means: 'mesh by length' },
    'low mesh': { word: 'Low mesh', means: 'mesh by length' },
    apron: { word: 'Apron', means: 'the lower part of the mesh, bent outward: its length' },
    'frame side': { word: 'Frame side', means: 'one of four sides, end to end', as: 'body', stacks: true },
    board: { word: 'Board', means: 'from post to post, end to end', stacks: true },
    brace: {
      word: 'Brace',
      means: 'from high on one post to the foot of the next, long point to long point',
      as: 'brace',
      stacks: true,
    },
  },
  joints: {
    'frame joined': 'Frame corner',
  },
  joinery: {
    'mesh to post':
      'On the outer face of the posts, pulled tight before the next post is fixed, from the middle of its height outwards.',
    'low mesh to post': 'Over the coarser mesh, on the same face.',
    'apron pegged': 'The lower part bent outward where it meets the soil, flat, a peg at each end and between.',
    'frame joined':
      'Halved: the stile loses the back half of its thickness over the width of the rail, the rail its front half. Glue if you like; four screws from the front.',
    'frame to post': 'From outside, aslant through the edge of the stile into the side of the post, at three heights.',
    'mesh to frame':
      'On the outside, its edges flush with the frame; screws with washers every 12″ (300 mm), clear of the corners.',
    'board to post':
      'Flat on the outer face; boards that follow each other meet over the middle of a post, and each bears on half of it. Two screws, askew.',
    'brace to post':
      'Flat on the inner face of both posts, plumb ends over their middles, high on the post that is pulled and low on the next.',
  },
};
