import { feet } from '../quantity/length';
import { check } from './check';

/** One walks under it upright: 6′ (from memory). mm. */
export const HEADROOM_MM = feet(6);
/** A wire that sags more than a fortieth of its span holds leaves and snow in a pocket (from memory). */
export const MOST_SAG = 1 / 40;
/** Share of what makes a wire give that a hand should pull (from memory). */
export const MOST_SHARE = 0.4;

/** Do the wires under a roof net stay up, and out of the hair? mm; share of their yield. */
export const roofWires = check(
  'roof-wires',
  {
    says: {
      'roof.low': 'Under the wires {clear} are left to walk; {head} is wanted.',
      'roof.sags':
        'Under a wet net with leaves on it the wires sag {sag} on {span}: it gathers more there. Closer wires, or a stronger pull.',
      'roof.tight': 'The pull is {share} % of what makes the wire give; slacken it.',
      'roof.taut': 'Under a wet net with leaves on it the wires sag {sag} on {span}; {clear} are left to walk.',
    },
    mends: { 'roof.low': 'Raise it', 'roof.sags': 'Wires closer together', 'roof.tight': 'Pull less' },
  },
  (at: { sagMm: number; spanMm: number; highMm: number; yieldShare: number }, found) => {
    const values = {
      sag: { mm: at.sagMm },
      span: { mm: at.spanMm },
      clear: { mm: at.highMm - at.sagMm },
      head: { mm: HEADROOM_MM },
      share: Math.round(at.yieldShare * 100),
    };
    if (at.yieldShare > MOST_SHARE) return found('warn', 'roof.tight', values);
    if (at.sagMm > at.spanMm * MOST_SAG) return found('warn', 'roof.sags', values);
    return at.highMm - at.sagMm < HEADROOM_MM ? found('warn', 'roof.low', values) : found('good', 'roof.taut', values);
  },
);
