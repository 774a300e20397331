import { check } from './check';

/** Joints of rails are staggered so that no post has all its rails broken on it (common practice, no source). `broken` is of the post with most. */
export const railsBroken = check(
  'rails-broken',
  {
    says: {
      'rails.all-broken': 'All {rails|rail|rails} break on one post: nothing carries past it.',
      'rails.staggered': 'Joints are staggered: never more than {broken} of {rails} rails break on one post.',
      'rails.whole': 'No rail is broken between the end posts.',
    },
    mends: { 'rails.all-broken': 'Let a rail carry past every post' },
  },
  ({ broken, rails }: { broken: number; rails: number }, found) =>
    broken > 0 && broken >= rails
      ? found('warn', 'rails.all-broken', { rails })
      : found('good', broken === 0 ? 'rails.whole' : 'rails.staggered', { broken, rails }),
);
