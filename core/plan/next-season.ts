import { settle } from '../structures/knob';
import { growingIn } from './growing';
import type { Plan, StructurePlan } from './plan';
import { settingOf, type Kinds } from './setting-of';

/**
 * The plan gone on to another season: what is sown every year is over, and stays in the plan as what stood before; what
 * lives for years grows on. What carried what is over keeps the sizes it was built in, set by hand: they would follow
 * crops that are not there any more. Going back changes nothing but the season. Decision 30.
 */
export function goOnTo(kinds: Kinds, plan: Plan, year: number): Plan {
  const next: Plan = { ...plan, garden: { ...plan.garden, year } };
  if (year <= plan.garden.year) return next;
  const stays = new Set(growingIn(next).map(({ id }) => id));
  const over = new Set(growingIn(plan).flatMap(({ id }) => (stays.has(id) ? [] : [id])));
  const kept = (structure: StructurePlan): StructurePlan => {
    if (!structure.plantings.some((id) => over.has(id))) return structure;
    const { values } = settle(kinds(structure.kind).knobs, structure.knobs, settingOf(kinds, plan, structure));
    return { ...structure, knobs: values };
  };
  return { ...next, structures: plan.structures.map(kept) };
}
