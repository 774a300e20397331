import type { Names } from '../../kind';

/** What its parts and joints are called, and what the length of a part measures. */
export const WOVEN_FRAME_NAMES: Names = {
  parts: {
    'frame side': { word: 'Frame side', means: 'one of four sides, over its notches', as: 'body', stacks: true },
    brace: { word: 'Brace', means: 'across a corner, long point to long point', as: 'brace', stacks: true },
    thread: { word: 'Thread', means: 'one way of weaving, nail to nail, with turns and ends', as: 'thread' },
    stake: { word: 'Stake', means: 'a light post, cut to length', as: 'body' },
  },
  joints: {
    'corner halved': 'Halved corner',
    'brace to frame': 'Brace to frame',
    'nail in frame': 'Nails to weave on',
    'frames joined': 'Frames joined',
    'foot to ground': 'Foot to ground',
    'stake to frame': 'Stake to frame',
    'thread on nails': 'Thread on nails',
  },
  joinery: {
    'corner halved':
      'Half the thickness off both ends, as long as the timber is wide, so that they lie in one plane; glue, and two screws askew.',
    'brace to frame': 'Across the corner on the back, ends flush with the outsides; two screws into each side.',
    'nail in frame':
      'In the middle line of the front, square to it, half of it left standing; the first and the last of a side at the figures in the marks.',
    'thread on nails': 'A stopper knot at the first nail, one turn round each nail, a stopper knot at the last.',
    'frames joined': 'Heads together, outer faces down; a strap hinge over each pair of sides.',
    'foot to ground': 'A peg on the outside of each foot, leaning away; cord twice round both, and a reef knot.',
    'stake to frame': 'The stake stands behind the side; three screws from the front.',
  },
  knots: {
    'thread on nails': ['stopper'],
    'foot to ground': ['reef knot'],
  },
};
