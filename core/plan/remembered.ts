import { computeAs, type ComputedStructure } from './compute-as';
import type { Plan, StructurePlan } from './plan';
import { sidesUnder, tiedTo, type Kinds } from './setting-of';
import { bedsNamed, hostNamed, pathOf } from '../site/stands/stands';

/**
 * What a structure follows from besides itself, exactly: where it stands, what it carries, what it is tied
 * to, and what is the same for the whole garden. Plans never change in place: what is the same object is the same.
 */
function givenOf(plan: Plan, structure: StructurePlan): readonly unknown[] {
  const { stand, plantings } = structure;
  // What the garden is called and what is noted of it changes nothing.
  const { name: _name, note: _note, ...ways } = plan.garden;
  const beds = bedsNamed(stand);
  const host = hostNamed(stand);
  return [
    plan.crops,
    plan.features,
    plan.site,
    ...Object.entries(ways).flat(),
    plan.priceBook,
    plan.shed,
    ...plan.beds.filter((bed) => beds.includes(bed.id)),
    // What stood in its beds before.
    ...plan.plantings.filter((one) => one.year < plan.garden.year && beds.includes(one.bed)),
    ...plantings.map((id) => plan.plantings.find((planting) => planting.id === id)),
    ...tiedTo(plan, structure),
    ...sidesUnder(plan, structure),
    // A fence along another, and the gates in it, follow from both.
    ...plan.structures.filter((other) => (host !== null || pathOf(stand)) && pathOf(other.stand)),
    // Who else stands in the same run takes room there.
    ...plan.structures.filter((other) => host !== null && hostNamed(other.stand) === host),
  ];
}

/**
 * What is worked out of a structure of a plan, worked out again only when something it follows from has changed. What is
 * the same has to be the same object: see `keepSame`.
 */
export function remembering<Answer>(
  work: (kinds: Kinds, plan: Plan, structure: StructurePlan) => Answer,
): (kinds: Kinds, plan: Plan, structure: StructurePlan) => Answer {
  const known = new WeakMap<StructurePlan, { given: readonly unknown[]; answer: Answer }>();
  return (kinds, plan, structure) => {
    const given = givenOf(plan, structure);
    const before = known.get(structure);
    if (before && before.given.length === given.length && before.given.every((one, i) => one === given[i]))
      return before.answer;
    const answer = work(kinds, plan, structure);
    known.set(structure, { given, answer });
    return answer;
  };
}

/** As {@link computeAs}, remembered. */
export const computeRemembered = remembering<ComputedStructure>(computeAs);
