import type { Standing } from '../design/design';
import { inches } from '../quantity/length';
import type { Soil, Wind } from '../site/soil';
import { buriedShare, LEAST_DRIVEN_MM, LET_IN_MM, leastBelowBed } from '../statics/embedment';
import { check, SEEN_MM } from './check';

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
 * whole length where soil is loose or the place windy (common practice, no source). What a raised bed is
 * filled with is loose: half of the least depth has to be in the ground below it (from memory). A post
 * screwed to a bed is held by the bed. `fillMm` is the bed's height over the paths.
 */
export const postDepth = check(
  'post-depth',
  {
    says: {
      'depth.shallow': 'Only {depth} in the ground; {least} is the least that holds.',
      'depth.bed':
        'Of {depth} in the soil only {grown} is below the {fill} of the bed; {below} has to be, or the post stands in loose fill.',
      'depth.share': '{share} % of the post is in the ground; for this place ({place}) {wants} % is usual.',
      'depth.fits': '{depth} in the ground, {share} % of the post.',
      'depth.pushed': 'Pushed {depth} into the soil; the lashing holds the rest.',
    },
    mends: {
      'depth.shallow': 'Go deeper',
      'depth.bed': 'Go through the bed into the ground',
      'depth.share': 'Go deeper',
    },
  },
  (at: { posts: readonly Standing[]; soil: Soil; wind: Wind; fillMm: number }, found) => {
    const posts = at.posts.filter((post) => LEAST[post.set] !== null);
    const [first] = posts;
    if (!first) return null;
    const worst = posts.reduce((low, post) => (post.buriedMm < low.buriedMm ? post : low), first);
    const least = LEAST[worst.set] ?? { mm: 0, bare: 0 };
    const wants = buriedShare(at);
    const share = Math.min(...posts.map((post) => post.buriedMm / (post.buriedMm + post.aboveMm)));
    const grown = Math.max(0, worst.buriedMm - at.fillMm);
    const below = leastBelowBed(least.mm);
    const values = {
      depth: { mm: worst.buriedMm },
      least: { mm: least.mm },
      grown: { mm: grown },
      fill: { mm: at.fillMm },
      below: { mm: below },
      share: Math.round(share * 100),
      wants: Math.round(wants * 100),
      place: `${at.soil}, ${at.wind}`,
    };
    if (worst.buriedMm + SEEN_MM < least.mm * least.bare) return found('fail', 'depth.shallow', values);
    // A driven post set out in round millimetres may be 3 mm short of 18″, a let-in one 10 mm of 24″.
    if (worst.buriedMm + 10 < least.mm) return found('warn', 'depth.shallow', values);
    if (worst.set !== 'pushed' && at.fillMm > 0 && grown + 10 < below)
      return found(grown === 0 ? 'fail' : 'warn', 'depth.bed', values);
    const loose = at.soil === 'sand' || at.wind === 'exposed';
    const rule = worst.set === 'let in' || (worst.set === 'driven' && loose) || (worst.set === 'concrete' && loose);
    if (rule && share + 0.005 < wants) return found('note', 'depth.share', values);
    return found('good', worst.set === 'pushed' ? 'depth.pushed' : 'depth.fits', values);
  },
);
