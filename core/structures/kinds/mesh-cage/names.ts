import type { Names } from '../../kind';

/** What its parts and joints are called, and what the length of a part measures. */
export const MESH_CAGE_NAMES: Names = {
  parts: {
    mesh: { word: 'Cage mesh', means: 'mesh by length' },
    rod: { word: 'Rod', means: 'driven inside a cage, cut to length' },
  },
  joints: { 'cage closed': 'Cage closed', 'rod to cage': 'Rod to cage' },
};
