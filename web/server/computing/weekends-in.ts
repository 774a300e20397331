import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { Plan } from '@lignum/core/plan/plan';
import { computeRemembered } from '@lignum/core/plan/remembered';
import { kindOf } from '@lignum/core/structures/registry';
import type { Built } from '@lignum/core/work/left';
import { weekendsOf, type Weekends } from '@lignum/core/work/weekends';

/** The weekends of a garden, with what stands in it. */
export function weekendsIn(
  plan: Plan,
  { built, today }: { built: Built; today: string },
): { computed: readonly ComputedStructure[]; weekends: Weekends } {
  const computed = plan.structures.map((one) => computeRemembered(kindOf, plan, one));
  return { computed, weekends: weekendsOf(plan, computed, built, today) };
}
