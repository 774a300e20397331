import { exact } from '../quantity/length';
import { settle } from '../structures/knob';
import { bedsOf, frameOf } from '../site/stands/stands';
import { alongAsBuilt, alongAsSaid } from './along-bed';
import { growingIn } from './growing';
import { seasonOpens } from '../site/seasons';
import type { Plan, Planting, StructurePlan } from './plan';
import { settingOf, type Kinds } from './setting-of';

/**
 * The plan gone on to another season: what is sown every year is over, and stays in the plan as what stood before; what
 * lives for years grows on. What carried what is over keeps the sizes it was built in, set by hand: they would follow
 * crops that are not there any more, and where in its bed each stood is written down with it. Going back changes
 * nothing but the season. Decision 30.
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
  const stood = (planting: Planting): Planting => {
    if (!over.has(planting.id) || alongAsSaid(planting)) return planting;
    const { id, bed: own } = planting;
    for (const structure of plan.structures.filter(({ plantings }) => plantings.includes(id))) {
      const setting = settingOf(kinds, plan, structure);
      const bed = bedsOf(setting.place).find((one) => one.id === own);
      if (!bed) continue;
      const { design } = kinds(structure.kind).design(structure.knobs, setting);
      const along = alongAsBuilt(design, frameOf(setting.place, design.startMm), bed, id);
      if (along) return { ...planting, fromMm: exact(along.fromMm), toMm: exact(along.toMm) };
    }
    return planting;
  };
  return {
    ...next,
    plantings: plan.plantings.map(stood),
    structures: plan.structures.map(kept),
    // Who helps and how fast stays; the days of the last season are over.
    ...(plan.work ? { work: { ...plan.work, from: seasonOpens(next), off: [], fixed: [] } } : {}),
  };
}
