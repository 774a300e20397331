import { keepSame } from './keep-same';
import type { Plan } from './plan';

/** The plans of a few gardens as they were seen last: see {@link knownPlans}. */
export interface KnownPlans {
  /** A plan that comes again, with all that says the same as the very objects it was; it is the one known from now on. */
  remember(garden: string, plan: Plan): Plan;
  /** Anything that may become a garden's next plan, likewise; nothing is kept of it. */
  like<Document>(garden: string, document: Document): Document;
}

/**
 * Keeps the plans of gardens, those seen last, with at most so many structures together (what is worked out of one takes
 * about 130 kB), so that of one that comes again, from a database, a browser or
 * another thread, what was worked out still counts for all of it that did not change. Decision 56.
 * @example const known = knownPlans(400); known.remember('g', plan) === known.remember('g', structuredClone(plan)) // true
 */
export function knownPlans(mostStructures: number): KnownPlans {
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
