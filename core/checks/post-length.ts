import { SEEN_MM, verdict, type Check } from './verdict';

/** Is there a stock length that reaches both the height and the depth? */
export const postLength: Check = ({ design }) => {
  const short = design.support.posts.filter((post) => post.buriedMm + SEEN_MM < post.wantedMm);
  const worst = short.reduce<(typeof short)[number] | null>((low, post) => (!low || post.buriedMm < low.buriedMm ? post : low), null);
  if (!worst) return null;
  return verdict('post-length', 'fail', 'post.short', { posts: short.length, left: { mm: worst.buriedMm }, wants: { mm: worst.wantedMm }, above: { mm: worst.aboveMm } });
};
