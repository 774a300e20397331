import type { Names } from '../../kind';

/** What its parts and joints are called, and what the length of a part measures. */
export const LIDDED_FRAME_NAMES: Names = {
  parts: {
    board: { word: 'Board', means: 'side of the box' },
    post: { word: 'Post', means: 'inside the box, as high as its sides' },
    'lid strip': { word: 'Lid strip', means: 'of a lid; long ones run through, short ones stand between' },
    floor: { word: 'Mesh under the box', means: 'over all, edge to edge of the boards' },
    mesh: { word: 'Lid mesh', means: 'over one lid, edge to edge' },
    net: { word: 'Lid net', means: 'over the mesh of one lid' },
    prop: { word: 'Prop', means: 'turns on a screw inside the box' },
  },
  joints: {
    'board to post': 'Board to post',
    'floor stapled': 'Mesh under the box',
    'lid corner': 'Corner of a lid',
    'mesh to lid': 'Mesh on a lid',
    'net to lid': 'Net on a lid',
    'lid hinged': 'Lid hinged',
    'prop to post': 'Prop on its post',
  },
  joinery: {
    'board to post':
      'The post stands inside; the long boards run past the ends of the short ones. Two screws from outside through each board, askew.',
    'floor stapled':
      'The box lies upside down; the mesh goes edge to edge over the boards, pulled flat, cut ends turned down between them.',
    'lid corner':
      'The short strip butts against the long one; glue, and a screw through the middle of the long strip into its end, pre-drilled: a second would split so narrow a strip. The mesh, stapled all round, keeps it square.',
    'mesh to lid':
      'Wrapped over the lid in one run, stapled from the middle outwards as it goes, trimmed last; cut ends turned in.',
    'net to lid':
      'Over the mesh, its edge folded under once; staples outside those of the mesh, along both long strips, its ends folded round the short ones.',
    'lid hinged':
      'The lid lies on the rim, flush all round; one leaf of the hinge on its back strip, one on the back board.',
    'prop to post':
      'Flat on the post, one screw not driven home, so that it turns: up under the front strip when the lid is open, along the box when it is shut.',
  },
};
