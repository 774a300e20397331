'use client';
import type { Neighbour } from '@lignum/core/checks/clash';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { withMends, type MendedStructure } from '@lignum/core/plan/mends';
import type { Plan, StructurePlan } from '@lignum/core/plan/plan';
import { computeRemembered } from '@lignum/core/plan/remembered';
import type { Kinds } from '@lignum/core/plan/setting-of';

const mended = new WeakMap<ComputedStructure, { neighbours: readonly Neighbour[]; one: MendedStructure }>();

/** Everything that follows from one structure but what would mend its findings. */
export const structureOf = computeRemembered;

/** That with its mends tried, where others stand near. */
export function mendedOf(
  kinds: Kinds,
  plan: Plan,
  structure: StructurePlan,
  neighbours: readonly Neighbour[],
): MendedStructure {
  const computed = structureOf(kinds, plan, structure);
  const known = mended.get(computed);
  if (known?.neighbours === neighbours) return known.one;
  const one = withMends(kinds, plan, computed, neighbours);
  mended.set(computed, { neighbours, one });
  return one;
}
