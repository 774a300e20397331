import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const COLLAR_NAMES: Names = {
  parts: { mesh: { word: 'Collar', means: 'round it, with the lap' } },
  joints: { 'collar closed': 'Collar closed' },
  joinery: {
    'collar closed': 'The ends lap by a finger’s breadth; wire round both at three heights, its ends turned in.',
  },
};
