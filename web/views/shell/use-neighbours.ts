'use client';
import type { Neighbour } from '@lignum/core/checks/clash';
import { couldMeet, neighbourOf } from '@lignum/core/plan/clashes';
import { computeAs } from '@lignum/core/plan/compute-as';
import type { Plan, StructurePlan } from '@lignum/core/plan/plan';
import { tiedTo, type Kinds } from '@lignum/core/plan/setting-of';
import { useKindsOf } from './use-kind';

/** What a structure follows from besides itself; edits keep what they do not touch. */
const givenOf = (plan: Plan): readonly unknown[] => [
  plan.beds,
  plan.plantings,
  plan.crops,
  plan.features,
  plan.site,
  plan.garden,
];
const known = new WeakMap<StructurePlan, { given: readonly unknown[]; neighbour: Neighbour }>();

/** Worked out again only when something it follows from has changed: another structure's knobs have not. */
function neighbour(kinds: Kinds, plan: Plan, structure: StructurePlan): Neighbour {
  const given = [...givenOf(plan), ...tiedTo(plan, structure)];
  const before = known.get(structure);
  if (before && before.given.length === given.length && before.given.every((one, i) => one === given[i]))
    return before.neighbour;
  const now = { given, neighbour: neighbourOf(computeAs(kinds, plan, structure)) };
  known.set(structure, now);
  return now.neighbour;
}

/** What stands near enough to a structure to be in its way; the caller waits in its Suspense boundary for their kinds. */
export function useNeighbours(plan: Plan, structure: StructurePlan): readonly Neighbour[] {
  const here = plan.structures.find((one) => one.id === structure.id) ?? structure;
  const near = couldMeet(plan, here);
  const kinds = useKindsOf(plan, near);
  const found = near.map((other) => neighbour(kinds, plan, other));
  const before = last.get(structure.id);
  if (before && before.length === found.length && before.every((one, i) => one === found[i])) return before;
  last.set(structure.id, found);
  return found;
}
/** By structure: the same neighbours are the same list. */
const last = new Map<string, readonly Neighbour[]>();
