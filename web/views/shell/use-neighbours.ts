'use client';
import type { Neighbour } from '@lignum/core/checks/clash';
import { couldMeet, neighbourOf } from '@lignum/core/plan/clashes';
import type { Plan, StructurePlan } from '@lignum/core/plan/plan';
import { computeRemembered } from '@lignum/core/plan/remembered';
import { useKindsOf } from './use-kind';

/** What stands near enough to a structure to be in its way; the caller waits in its Suspense boundary for their kinds. */
export function useNeighbours(plan: Plan, structure: StructurePlan): readonly Neighbour[] {
  const here = plan.structures.find((one) => one.id === structure.id) ?? structure;
  const near = couldMeet(plan, here);
  const kinds = useKindsOf(plan, near);
  const found = near.map((other) => neighbourOf(computeRemembered(kinds, plan, other)));
  const before = last.get(structure.id);
  if (before && before.length === found.length && before.every((one, i) => one === found[i])) return before;
  last.set(structure.id, found);
  return found;
}
/** By structure: the same neighbours are the same list. */
const last = new Map<string, readonly Neighbour[]>();
