import type { Names } from '../../kind';

/** What its parts and joints are called, and what the length of a part measures. */
export const GARDEN_FENCE_NAMES: Names = {
  parts: {
    post: { word: 'Post', means: 'stands in the ground; as bought, or cut to length' },
    mesh: { word: 'Mesh', means: 'mesh by length' },
    'low mesh': { word: 'Low mesh', means: 'mesh by length' },
    apron: { word: 'Apron', means: 'the lower part of the mesh, bent outward: its length' },
    'frame side': { word: 'Frame side', means: 'one of four sides, end to end' },
    board: { word: 'Board', means: 'from post to post, end to end' },
    brace: { word: 'Brace', means: 'from high on one post to the foot of the next, long point to long point' },
    concrete: { word: 'Concrete', means: 'depth poured; the volume stands in `litres`' },
    gravel: { word: 'Gravel', means: 'depth of the layer; the volume stands in `litres`' },
  },
  joints: {
    'mesh to post': 'Mesh to post',
    'low mesh to post': 'Low mesh to post',
    'apron pegged': 'Apron pegged',
    'frame to post': 'Frame to post',
    'frame joined': 'Frame corner',
    'mesh to frame': 'Mesh to frame',
    'board to post': 'Board to post',
    'brace to post': 'Brace to post',
    'post in its hole': 'Post in its hole',
  },
};
