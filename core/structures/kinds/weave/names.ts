import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const WEAVE_NAMES: Names = {
  parts: {
    stake: { word: 'Stake', means: 'a light post, cut to length', as: 'body' },
    pass: { word: 'Pass of twine', means: 'there and back (or once), with turns and ends', stacks: true },
  },
  joints: {
    'pass on posts': 'Pass on a post',
  },
  joinery: {
    'pass on posts': 'At each post once round and a half hitch; at the end posts twice round and two half hitches.',
  },
  knots: {
    'pass on posts': ['half hitch', 'two half hitches'],
  },
};
