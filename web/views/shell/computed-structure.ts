'use client';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { withMends, type MendedStructure } from '@lignum/core/plan/mends';
import type { Plan, StructurePlan } from '@lignum/core/plan/plan';
import { computeRemembered } from '@lignum/core/plan/remembered';
import type { Kinds } from '@lignum/core/plan/setting-of';

const mended = new WeakMap<ComputedStructure, MendedStructure>();

/** Everything that follows from one structure but what would mend its findings. */
export const structureOf = computeRemembered;

/** That with its mends tried. */
export function mendedOf(kinds: Kinds, plan: Plan, structure: StructurePlan): MendedStructure {
  const computed = structureOf(kinds, plan, structure);
  const known = mended.get(computed) ?? withMends(kinds, plan, computed);
  mended.set(computed, known);
  return known;
}
