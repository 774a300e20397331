import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const INSECT_CAGE_NAMES: Names = {
  parts: {
    mesh: { word: 'Cage mesh', means: 'mesh by length, with what hooks it shut' },
    net: { word: 'Net sleeve', means: 'round the cage with ease and both seams; from the soil to the tie' },
  },
  joints: { 'cage closed': 'Cage closed', 'net tied': 'Net tied shut' },
  joinery: {
    'cage closed':
      'The cut wires of one edge reach past the first upright of the other: bent round it, back on themselves, and pressed flat; or a tie twice round both edges at each height.',
    'net tied':
      'What stands over the cage is drawn together in one hand and tied with a clove hitch that a pull undoes.',
  },
  knots: { 'net tied': ['clove hitch'] },
};
