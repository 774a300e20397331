import type { Names } from '../../kind';

/** What its parts and joints are called, and what the length of a part measures. */
export const WOVEN_FRAME_NAMES: Names = {
  parts: {
    'frame side': { word: 'Frame side', means: 'one of four sides, over its notches' },
    brace: { word: 'Brace', means: 'across a corner, long point to long point' },
    thread: { word: 'Thread', means: 'one way of weaving, nail to nail, with turns and ends' },
    stake: { word: 'Stake', means: 'a light post, cut to length' },
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
};
