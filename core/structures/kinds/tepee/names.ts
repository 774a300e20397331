import type { Names } from '../../kind';

/** What its parts and joints are called, and what the length of a part measures. */
export const TEPEE_NAMES: Names = {
  parts: {
    pole: { word: 'Pole', means: 'a whole pole, foot to tip' },
    lashing: { word: 'Lashing', means: 'hitches, wraps, turns and tail' },
    'ladder string': { word: 'Ladder string', means: 'one round, with turns and ends' },
  },
  joints: {
    'poles lashed': 'Poles lashed',
    'ladder to pole': 'Ladder to pole',
  },
};
