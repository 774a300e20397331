import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const TEPEE_NAMES: Names = {
  parts: {
    pole: { word: 'Pole', means: 'a whole pole, foot to tip', as: 'body' },
    lashing: { word: 'Lashing', means: 'hitches, wraps, turns and tail' },
    'ladder string': { word: 'Ladder string', means: 'one round, with turns and ends', stacks: true },
  },
  joints: {},
  joinery: {
    'poles lashed':
      'Three poles side by side. Clove hitch round the first; three tight wraps round all three, each beside the last and not over it; clove hitch round the third. The tail stays, as long as your outstretched arms. Later poles lie in the crotch, and the tail goes twice round all and is tied off.',
    'ladder to pole': 'Once round each pole, pulled tight against the turn; a clove hitch at the first and the last.',
  },
  knots: {
    'poles lashed': ['three poles'],
    'ladder to pole': ['clove hitch'],
  },
};
