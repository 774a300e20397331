import { computeAs, type ComputedStructure } from './compute-as';
import type { Plan, StructurePlan } from './plan';
import { tiedTo, type Kinds } from './setting-of';

/**
 * What a structure follows from besides itself, exactly: where it stands, what it carries, what it is tied
 * to, and what is the same for the whole garden. Plans never change in place: what is the same object is the same.
 */
function givenOf(plan: Plan, structure: StructurePlan): readonly unknown[] {
  const { stand, plantings } = structure;
  const beds = stand.on === 'bed' ? [stand.bed] : stand.on === 'beds' ? stand.beds : [];
  return [
    plan.crops,
    plan.features,
    plan.site,
    plan.garden,
    plan.priceBook,
    plan.shed,
    ...plan.beds.filter((bed) => beds.includes(bed.id)),
    ...plantings.map((id) => plan.plantings.find((planting) => planting.id === id)),
    ...tiedTo(plan, structure),
    // A fence along another, and the gates in it, follow from both.
    ...plan.structures.filter((other) => (stand.on === 'path' || stand.on === 'run') && other.stand.on === 'path'),
    // Who else stands in the same run takes room there.
    ...plan.structures.filter((other) => stand.on === 'run' && other.stand.on === 'run' && other.stand.of === stand.of),
  ];
}

const known = new WeakMap<StructurePlan, { given: readonly unknown[]; computed: ComputedStructure }>();

/** As {@link computeAs}, worked out again only when something it follows from has changed. */
export function computeRemembered(kinds: Kinds, plan: Plan, structure: StructurePlan): ComputedStructure {
  const given = givenOf(plan, structure);
  const before = known.get(structure);
  if (before && before.given.length === given.length && before.given.every((one, i) => one === given[i]))
    return before.computed;
  const computed = computeAs(kinds, plan, structure);
  known.set(structure, { given, computed });
  return computed;
}
