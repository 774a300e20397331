import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { Plan } from '@lignum/core/plan/plan';
import { computeRemembered } from '@lignum/core/plan/remembered';
import { kindOf } from '@lignum/core/structures/registry';
import { weekendsOf, type Weekends } from '@lignum/core/work/weekends';

/** The weekends of a garden, with what stands in it. */
export function weekendsIn(
  plan: Plan,
  { built, today }: { built: readonly string[]; today: string },
): { computed: readonly ComputedStructure[]; weekends: Weekends } {
  const computed = plan.structures.map((one) => computeRemembered(kindOf, plan, one));
  const done = new Set(built);
  return { computed, weekends: weekendsOf(plan, computed, (what) => done.has(what), today) };
}
