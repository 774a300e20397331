import type { Names } from '../../kind';

/** What its parts and joints are called, and what the length of a part measures. */
export const A_FRAME_NAMES: Names = {
  parts: {
    stile: { word: 'Stile', means: 'up a leaf, foot to head' },
    slat: { word: 'Slat', means: 'across a leaf' },
    mesh: { word: 'Mesh', means: 'mesh by length' },
    chain: { word: 'Tether', means: 'tether across a frame, with its ends' },
  },
  joints: {
    'slat to stile': 'Slat to stile',
    'mesh to leaf': 'Mesh to leaf',
    'leaf to leaf': 'Leaf to leaf',
    'tether to leaf': 'Tether to leaf',
    'foot to ground': 'Foot to ground',
  },
};
