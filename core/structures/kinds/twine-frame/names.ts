import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const TWINE_FRAME_NAMES: Names = {
  parts: {
    beam: { word: 'Beam', means: 'along the top, end to end' },
    brace: { word: 'Brace', means: 'across a corner, long point to long point', as: 'brace', stacks: true },
    'cross arm': { word: 'Cross arm', means: 'across the beam' },
    string: { word: 'String', means: 'drop, wraps, knots and slack' },
    board: { word: 'Board to rip', means: 'one board, from which the frame is ripped: its length' },
    'wind skirt': { word: 'Wind skirt', means: 'cloth by length' },
  },
  joints: {},
  joinery: {
    'post to beam':
      'The beam stands on edge on the tops of the posts, flush at the ends of the row; over a post between, two beams butt over its middle. One screw aslant from each face, and a bracket in the corner, one leg under the beam.',
    'post to bed': 'The post stands inside the end board of the bed; four screws from outside through the board.',
    'brace to post':
      'Flat on the face, one on each side of the frame; plumb end flush with the outside of an end post, over the middle of one between.',
    'brace to beam': 'Flat on the face, its end level with the top of the beam.',
    'arm to beam': 'Flat across the top of the beam, middle on middle; two screws down into it.',
    'string to beam':
      'The eye sits in the middle of the underside, its ring across the row. Two half hitches; a drilled hole takes a stopper knot on top instead.',
    'string to arm': 'The eye sits in the middle of the underside, an inch (25 mm) in from the end.',
    'skirt to post': 'On the back of the posts, its foot on the soil; four staples up each.',
  },
  knots: {
    'string to beam': ['two half hitches', 'stopper'],
    'string to arm': ['two half hitches'],
  },
};
