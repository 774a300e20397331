import type { Standing } from '../design/design';
import { buriedShare, LEAST_DRIVEN_MM, LET_IN_MM } from '../structures/rules/depth';
import { inches } from '../quantity/length';
import { SEEN_MM, verdict, type Check } from './verdict';

/** What holds, and below what share of it nothing does. A pole pushed in with others lashed to it: 4″ (from memory). mm. */
const LEAST: Record<Standing['set'], { mm: number; bare: number } | null> = {
  driven: { mm: LEAST_DRIVEN_MM, bare: 12 / 18 },
  'let in': { mm: LET_IN_MM, bare: 18 / 24 },
  concrete: { mm: LET_IN_MM, bare: 18 / 24 },
  pushed: { mm: inches(4), bare: 0.5 },
  screwed: null,
};

/**
 * Deep enough? A driven post never under 18″, a let-in timber 2′, and a quarter to a third of the
 * whole length where soil is loose or the place windy (common practice, no source). A post screwed to
 * a bed is held by the bed.
 */
export const postDepth: Check = ({ design, setting }) => {
  const posts = design.support.posts.filter((post) => LEAST[post.set] !== null);
  const [first] = posts;
  if (!first) return null;
  const worst = posts.reduce((low, post) => (post.buriedMm < low.buriedMm ? post : low), first);
  const least = LEAST[worst.set] ?? { mm: 0, bare: 0 };
  const wants = buriedShare(setting.bed);
  const share = Math.min(...posts.map((post) => post.buriedMm / (post.buriedMm + post.aboveMm)));
  const values = {
    depth: { mm: worst.buriedMm },
    least: { mm: least.mm },
    share: Math.round(share * 100),
    wants: Math.round(wants * 100),
    place: `${setting.bed.soil}, ${setting.bed.wind}`,
  };
  if (worst.buriedMm + SEEN_MM < least.mm * least.bare) return verdict('post-depth', 'fail', 'depth.shallow', values);
  // A driven post set out in round millimetres may be 3 mm short of 18″, a let-in one 10 mm of 24″.
  if (worst.buriedMm + 10 < least.mm) return verdict('post-depth', 'warn', 'depth.shallow', values);
  const loose = setting.bed.soil === 'sand' || setting.bed.wind === 'exposed';
  const rule = worst.set === 'let in' || (worst.set === 'driven' && loose) || (worst.set === 'concrete' && loose);
  if (rule && share + 0.005 < wants) return verdict('post-depth', 'note', 'depth.share', values);
  return verdict('post-depth', 'good', worst.set === 'pushed' ? 'depth.pushed' : 'depth.fits', values);
};
