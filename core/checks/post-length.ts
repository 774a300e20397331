import type { Standing } from '../design/standing';
import { check, SEEN_MM } from './check';

/** Is there a stock length that reaches both the height and the depth? */
export const postLength = check(
  'post-length',
  {
    says: {
      'post.short':
        '{posts|post is|posts are} too short by {short}: none on sale is long enough for {above} out of the ground and {wants} in it.',
    },
    mends: { 'post.short': 'Lower it until a post reaches' },
  },
  ({ posts }: { posts: readonly Standing[] }, found) => {
    const short = posts.filter((post) => post.shortMm > SEEN_MM);
    const worst = short.reduce<Standing | null>((low, post) => (!low || post.shortMm > low.shortMm ? post : low), null);
    if (!worst) return null;
    return found('fail', 'post.short', {
      posts: short.length,
      above: { mm: worst.aboveMm },
      wants: { mm: worst.wantedMm },
      short: { mm: worst.shortMm },
    });
  },
);
