import type { Names } from '../../kind';

/** What its parts and joints are called, and what the length of a part measures. */
export const TWINE_FRAME_NAMES: Names = {
  parts: {
    post: { word: 'Post', means: 'stands in the ground; as bought, or cut to length' },
    beam: { word: 'Beam', means: 'along the top, end to end' },
    brace: { word: 'Brace', means: 'across a corner, long point to long point' },
    'cross arm': { word: 'Cross arm', means: 'across the beam' },
    string: { word: 'String', means: 'drop, wraps, knots and slack' },
    board: { word: 'Board to rip', means: 'one board, from which the frame is ripped: its length' },
    'wind skirt': { word: 'Wind skirt', means: 'cloth by length' },
    concrete: { word: 'Concrete', means: 'depth poured; the volume stands in `litres`' },
    gravel: { word: 'Gravel', means: 'depth of the layer; the volume stands in `litres`' },
  },
  joints: {
    'post to beam': 'Post to beam',
    'post to bed': 'Post to bed',
    'brace to post': 'Brace to post',
    'brace to beam': 'Brace to beam',
    'arm to beam': 'Arm to beam',
    'string to beam': 'String to beam',
    'string to arm': 'String to arm',
    'skirt to post': 'Skirt to post',
    'post in its hole': 'Post in its hole',
  },
};
