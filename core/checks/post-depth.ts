import { buriedShare, LEAST_DRIVEN_MM, LET_IN_MM } from '../structures/depth';
import { SEEN_MM, verdict, type Check } from './verdict';

/**
 * Deep enough? A driven post never under 18″, a let-in timber 2′, and a quarter to a third of the
 * whole length where soil is loose or the place windy (common practice, no source).
 */
export const postDepth: Check = ({ design, setting }) => {
  const { posts } = design.support;
  const worst = posts.reduce((low, post) => (post.buriedMm < low.buriedMm ? post : low));
  const least = worst.driven ? LEAST_DRIVEN_MM : LET_IN_MM;
  const wants = buriedShare(setting.bed);
  const share = Math.min(...posts.map((post) => post.buriedMm / (post.buriedMm + post.aboveMm)));
  const values = { depth: { mm: worst.buriedMm }, least: { mm: least }, share: Math.round(share * 100), wants: Math.round(wants * 100), place: `${setting.bed.soil}, ${setting.bed.wind}` };
  if (worst.buriedMm + SEEN_MM < least * (worst.driven ? 12 / 18 : 18 / 24)) return verdict('post-depth', 'fail', 'depth.shallow', values);
  // A driven post set out in round millimetres may be 3 mm short of 18″.
  if (worst.buriedMm + 3 < least) return verdict('post-depth', 'warn', 'depth.shallow', values);
  const loose = setting.bed.soil === 'sand' || setting.bed.wind === 'exposed';
  if (share + 0.005 < wants && (loose || !worst.driven)) return verdict('post-depth', 'note', 'depth.share', values);
  return verdict('post-depth', 'good', 'depth.fits', values);
};
