import { takesPosts, type Underfoot } from '../site/underfoot';
import { check } from './check';

/** Can what has to go into the ground go into what is there? `feet` is how much of it has to. */
export const letsPostsIn = check(
  'lets-posts-in',
  {
    says: {
      'ground.none':
        '{feet|foot has|feet have} to go into the ground, and it stands on {floor}: nothing can be driven or let into that. Move it to soil.',
    },
  },
  ({ feet, underfoot }: { feet: number; underfoot: Underfoot }, found) =>
    feet > 0 && !takesPosts(underfoot) ? found('fail', 'ground.none', { feet, floor: underfoot.is }) : null,
);
