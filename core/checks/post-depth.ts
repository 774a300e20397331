import type { Standing } from '../design/standing';
import { inches } from '../quantity/length';
import type { Soil, Wind } from '../site/soil';
import {
  buriedShare,
  depthThrough,
  firmDepth,
  LEAST_DRIVEN_MM,
  LET_IN_MM,
  leastBelowBed,
  type BedFill,
} from '../statics/embedment';
import { check, SEEN_MM } from './check';

/** What holds, and below what share of it nothing does. A pole pushed in with others lashed to it: 4″ (from memory). mm. */
const LEAST: Record<Standing['set'], { mm: number; bare: number } | null> = {
  driven: { mm: LEAST_DRIVEN_MM, bare: 12 / 18 },
  'let in': { mm: LET_IN_MM, bare: 18 / 24 },
  concrete: { mm: LET_IN_MM, bare: 18 / 24 },
  pushed: { mm: inches(4), bare: 0.5 },
  screwed: null,
  shoe: null,
  plate: null,
};

/**
 * Deep enough? A driven post never under 18″, a let-in timber 2′, and a quarter to a third of the
 * whole length where soil is loose or the place windy (common practice, no source). Of a raised bed only firm
 * ground counts (`statics/embedment`). A post screwed to a bed is held by the bed, one on a shoe by braces.
 */
export const postDepth = check(
  'post-depth',
  {
    says: {
      'depth.shallow': 'Only {depth} in the ground; {least} is the least in common practice.',
      'depth.bed':
        'Of {depth} in the soil only {grown} is below the {fill} of the bed; {below} has to be: its fill is {is}.',
      'depth.share': '{share} % of the post is in the ground; for this place ({place}) {wants} % is usual.',
      'depth.fits': '{depth} in the ground, {share} % of the post.',
      'depth.fits-bed':
        '{depth} in the soil, {grown} of it in the ground below the bed: held as by {firm}, {share} % of the post.',
      'depth.pushed': 'Pushed {depth} into the soil; what joins them at the top holds the rest.',
    },
    mends: {
      'depth.shallow': 'Go deeper',
      'depth.bed': 'Go through the bed into the ground',
      'depth.share': 'Go deeper',
    },
  },
  (at: { posts: readonly Standing[]; soil: Soil; wind: Wind; fill: BedFill }, found) => {
    const posts = at.posts.filter((post) => LEAST[post.set] !== null);
    const [first] = posts;
    if (!first) return null;
    const worst = posts.reduce((low, post) => (post.buriedMm < low.buriedMm ? post : low), first);
    const least = LEAST[worst.set] ?? { mm: 0, bare: 0 };
    const wants = buriedShare(at);
    const share = Math.min(...posts.map((post) => firmDepth(post.buriedMm, at.fill) / (post.buriedMm + post.aboveMm)));
    const firm = firmDepth(worst.buriedMm, at.fill);
    const grown = Math.max(0, worst.buriedMm - at.fill.mm);
    const below = Math.max(leastBelowBed(least.mm, at.fill), depthThrough(least.mm, least.mm, at.fill) - at.fill.mm);
    const values = {
      depth: { mm: worst.buriedMm },
      least: { mm: least.mm },
      grown: { mm: grown },
      firm: { mm: firm },
      fill: { mm: at.fill.mm },
      is: at.fill.is,
      below: { mm: below },
      share: Math.round(share * 100),
      wants: Math.round(wants * 100),
      place: `${at.soil}, ${at.wind}`,
    };
    if (worst.buriedMm + SEEN_MM < least.mm * least.bare) return found('fail', 'depth.shallow', values);
    // A driven post set out in round millimetres may be 3 mm short of 18″, a let-in one 10 mm of 24″.
    if (worst.buriedMm + 10 < least.mm) return found('warn', 'depth.shallow', values);
    if (worst.set !== 'pushed' && at.fill.mm > 0 && grown + 10 < below)
      return found(grown === 0 ? 'fail' : 'warn', 'depth.bed', values);
    const loose = at.soil === 'sand' || at.wind === 'exposed';
    const rule = worst.set === 'let in' || (worst.set === 'driven' && loose) || (worst.set === 'concrete' && loose);
    if (rule && share + 0.005 < wants) return found('note', 'depth.share', values);
    if (worst.set === 'pushed') return found('good', 'depth.pushed', values);
    return found('good', at.fill.mm > 0 ? 'depth.fits-bed' : 'depth.fits', values);
  },
);
