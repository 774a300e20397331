import type { Plan } from '@lignum/core/plan/plan';
import { working, type WorkedOut } from './working';

/** What the server works out before it draws a page, with the kinds at hand; a browser has `not-served.ts` in its place. Decision 75. */
export interface Served {
  /** A plan as the server knows it, of a garden that was asked for; null in a browser. */
  plan(garden: string, plan: Plan): Plan | null;
  /** Works out one structure of a plan after the other. */
  structures: (plan: Plan) => Iterable<unknown>;
  /** Everything that follows from it, at once; null in a browser. */
  garden(garden: string, plan: Plan): WorkedOut | null;
}

/** The server's own work, as pages have it: they are drawn in a browser too. */
export const served: Served = working;
