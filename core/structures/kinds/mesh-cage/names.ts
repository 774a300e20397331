import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const MESH_CAGE_NAMES: Names = {
  parts: {
    mesh: { word: 'Cage mesh', means: 'mesh by length' },
    rod: { word: 'Rod', means: 'driven inside a cage, cut to length' },
  },
  joints: { 'cage closed': 'Cage closed', 'rod to cage': 'Rod to cage' },
  joinery: {
    'cage closed':
      'The cut wires of one edge reach past the first upright of the other: bent round it, back on themselves, and pressed flat; or a tie twice round both edges at each height.',
    'rod to cage':
      'The rod stands inside against the mesh; wire twice round rod and an upright, twisted three turns, its end turned in.',
  },
  knots: {
    'rod to cage': ['wire tie'],
  },
};
