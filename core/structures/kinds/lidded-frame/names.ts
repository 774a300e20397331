import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const LIDDED_FRAME_NAMES: Names = {
  parts: {
    board: { word: 'Board', means: 'side of the box', stacks: true },
    post: { word: 'Post', means: 'inside the box, as high as its sides or up to the roof', as: 'body' },
    'lid strip': { word: 'Lid strip', means: 'of a lid; long ones run through, short ones stand between' },
    floor: { word: 'Mesh under the box', means: 'over all, edge to edge of the boards' },
    mesh: { word: 'Mesh', means: 'over a lid, a door or the roof, edge to edge' },
    net: { word: 'Net', means: 'over the mesh of a lid, a door or the roof' },
    'roof strip': { word: 'Roof strip', means: 'of the roof; long ones run through, short ones stand between' },
    'door strip': { word: 'Door strip', means: 'of a door; level ones run through, upright ones stand between' },
    'fixed mesh': { word: 'Fixed mesh', means: 'behind or at an end, edge to edge' },
    'fixed net': { word: 'Fixed net', means: 'over the mesh behind or at an end' },
    chain: { word: 'Chain', means: 'from eye to eye, with what they take' },
    prop: { word: 'Prop', means: 'turns on a screw inside the box' },
  },
  joints: {
    'floor stapled': 'Mesh under the box',
    'lid corner': 'Corner of a lid or a door',
    'mesh to lid': 'Mesh on a lid or a door',
    'net to lid': 'Net on a lid or a door',
    'roof to post': 'Roof on a post',
    'mesh to post': 'Fixed mesh on a post',
    'net to post': 'Fixed net on a post',
    'chain fixed': 'Chain on its eye',
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
    'roof to post':
      'The long strip lies on the tops of the posts, flush with their outer faces; one long screw, pre-drilled.',
    'mesh to post': 'On the outer face of the post, its lower edge between post and board; staples astride a wire.',
    'net to post': 'Over the mesh, its edge folded under once.',
    'door hinged':
      'The door lies on the front faces of the posts; knuckles at its edge, one leaf on it and one on the post.',
    'door hooked': 'The eye in the post, the hook on the door, drawn tight.',
    'chain fixed': 'The last link opened with two pairs of pliers, closed round the eye.',
    'prop to post':
      'Flat on the post, one screw not driven home, so that it turns: up under the front strip when the lid is open, along the box when it is shut.',
  },
};
