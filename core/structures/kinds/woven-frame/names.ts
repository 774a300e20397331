import type { Names } from '../../said';

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
    'nail in frame': 'Nails to weave on',
  },
  joinery: {
    'corner halved':
      'Half the thickness off both ends, as long as the timber is wide, so that they lie in one plane; glue, and two screws askew.',
    'brace to frame': 'Across the corner on the back, ends flush with the outsides; two screws into each side.',
    'nail in frame':
      'In the middle line of the front, square to it, half of it left standing; the first and the last of a side at the figures in the marks.',
    'thread on nails': 'A stopper knot at the first nail, one turn round each nail, a stopper knot at the last.',
    'frames joined': 'Heads together, outer faces down; a strap hinge over each pair of sides.',
    'stake to frame': 'The stake stands behind the side; three screws from the front.',
  },
  knots: {
    'thread on nails': ['stopper'],
    'foot to ground': ['reef knot'],
  },
};
