import { computeGarden } from '@lignum/core/plan/compute';
import { knownPlans } from '@lignum/core/plan/known-plans';
import type { Plan } from '@lignum/core/plan/plan';
import { computeRemembered } from '@lignum/core/plan/remembered';
import { kindOf } from '@lignum/core/structures/registry';
import type { WorkedOut } from './results';

/** What the server works out before it draws a page, with the kinds at hand; a browser has `not-served.ts` in its place. Decision 75. */
export interface Served {
  /** A plan as the server knows it, of a garden that was asked for; null in a browser. */
  plan(garden: string, plan: Plan): Plan | null;
  /** Works out one structure of a plan after the other. */
  structures(plan: Plan): Iterable<unknown>;
  /** Everything that follows from it, at once; null in a browser. */
  garden(garden: string, plan: Plan): WorkedOut | null;
}

/** Plans of the gardens that were last looked at: of one that comes again nothing is worked out twice. */
const known = knownPlans();
const worked = new WeakMap<Plan, WorkedOut>();

export const served: Served = {
  plan: (garden, plan) => known.remember(garden, plan),
  *structures(plan) {
    for (const structure of plan.structures) yield computeRemembered(kindOf, plan, structure);
  },
  garden(garden, asked) {
    const plan = known.remember(garden, asked);
    const answer = worked.get(plan) ?? { plan, garden: computeGarden(plan) };
    worked.set(plan, answer);
    return answer;
  },
};
