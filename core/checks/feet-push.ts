import { check } from './check';

/** A push on both feet of a panel that two people hold back without strain; more wants bed boards or deeper posts behind it (from memory). N. */
const HELD_BY_HAND_N = 250;

/** How hard a bent strip pushes its feet apart (or pulls them together), and what holds them. N on each side of one strip. */
export const feetPush = check(
  'feet-push',
  {
    says: {
      'push.hard':
        'Each side pushes outward with {push}: a loaded spring. Set the posts deeper, or let the bed’s boards take it.',
      'push.light':
        'Each side pushes outward with {push}; two people hold {most} back by hand. What the soil holds is not checked.',
      'push.backed': 'Each side pushes outward with {push}, against the boards of the bed behind its foot.',
      'push.pulls': 'Each side pulls inward with {push}: the ties have to hold it back.',
    },
  },
  ({ pushN, backed }: { pushN: number; backed: boolean }, found) => {
    const newtons = Math.abs(pushN);
    const push = { newtons };
    if (pushN < -1) return found('note', 'push.pulls', { push });
    if (newtons <= HELD_BY_HAND_N) return found('good', 'push.light', { push, most: { newtons: HELD_BY_HAND_N } });
    return backed ? found('good', 'push.backed', { push }) : found('note', 'push.hard', { push });
  },
);
