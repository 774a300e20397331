import { keepSame } from './keep-same';
import type { Plan } from './plan';

/** The plans of a few gardens as they were seen last: see {@link knownPlans}. */
export interface KnownPlans {
  /** A plan that comes again, with all that says the same as the very objects it was; it is the one known from now on. */
  remember(garden: string, plan: Plan): Plan;
  /** Anything that may become a garden's next plan, likewise; nothing is kept of it. */
  like<Document>(garden: string, document: Document): Document;
}

/** What is worked out of one structure takes about 130 kB: where all of them are, 200 MB of these. */
const SERVED = 1500;

/**
 * Keeps the plans of gardens, those seen last, so that of one that comes again, from a database, a browser or another
 * thread, what was worked out still counts for all of it that did not change. They have at most so many structures
 * together, unless it is said otherwise as many as a server has room for; the newest is kept whatever it has. Decision 56.
 * @example const known = knownPlans(); known.remember('g', plan) === known.remember('g', structuredClone(plan)) // true
 */
export function knownPlans(mostStructures = SERVED): KnownPlans {
  // In the order they were seen, the longest ago first.
  const known = new Map<string, Plan>();
  const like = <Document>(garden: string, document: Document): Document => {
    const before = known.get(garden);
    return before ? (keepSame<unknown>(before, document) as Document) : document;
  };
  return {
    like,
    remember(garden, plan) {
      const same = like(garden, plan);
      known.delete(garden);
      known.set(garden, same);
      let held = [...known.values()].reduce((sum, { structures }) => sum + structures.length, 0);
      for (const [oldest, { structures }] of known) {
        if (held <= mostStructures || oldest === garden) break;
        known.delete(oldest);
        held -= structures.length;
      }
      return same;
    },
  };
}
