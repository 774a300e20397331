import type { CarriedGarden } from '@lignum/core/plan/carried';
import { computeGarden, type SeenGarden } from '@lignum/core/plan/compute';
import { knownPlans, type KnownPlans } from '@lignum/core/plan/known-plans';
import type { Plan } from '@lignum/core/plan/plan';
import type { Reading } from '@lignum/core/plan/readings';
import { computeRemembered } from '@lignum/core/plan/remembered';
import { kindOf } from '@lignum/core/structures/registry';

/** What follows from a plan, with the plan it follows from. Decision 44. */
export interface WorkedOut {
  plan: Plan;
  garden: SeenGarden;
}

/** A garden as the server has worked it out, for a page that came from there: of which save it is, and with which readings. */
export interface SeenAnswer {
  revision: number;
  savedAt: string;
  readings: readonly Reading[];
  garden: CarriedGarden;
}

/**
 * Plans of the gardens that were last looked at, and what followed from each: of one that comes again nothing is worked
 * out twice. One for the process: pages and routes each have their own copy of this module.
 */
const kept = globalThis as { lignumServed?: { known: KnownPlans; worked: WeakMap<Plan, WorkedOut> } };
const { known, worked } = (kept.lignumServed ??= { known: knownPlans(), worked: new WeakMap() });

function* structuresOf(plan: Plan): Iterable<unknown> {
  if (!worked.has(plan)) for (const structure of plan.structures) yield computeRemembered(kindOf, plan, structure);
}

/** On the server, where there is always an answer. */
export const working = {
  plan: (garden: string, plan: Plan): Plan => known.remember(garden, plan),
  structures: structuresOf,
  garden(garden: string, asked: Plan): WorkedOut {
    const plan = known.remember(garden, asked);
    const answer = worked.get(plan) ?? { plan, garden: computeGarden(plan) };
    worked.set(plan, answer);
    return answer;
  },
};
