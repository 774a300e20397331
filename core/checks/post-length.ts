import { SEEN_MM, verdict, type Check } from './verdict';

/** Is there a stock length that reaches both the height and the depth? */
export const postLength: Check = ({ design }) => {
  const short = design.support.posts.filter((post) => post.shortMm > SEEN_MM);
  const worst = short.reduce<(typeof short)[number] | null>(
    (low, post) => (!low || post.shortMm > low.shortMm ? post : low),
    null,
  );
  if (!worst) return null;
  return verdict('post-length', 'fail', 'post.short', {
    posts: short.length,
    above: { mm: worst.aboveMm },
    wants: { mm: worst.wantedMm },
    short: { mm: worst.shortMm },
  });
};
