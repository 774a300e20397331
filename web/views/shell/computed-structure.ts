'use client';
import { computeAs, withMends, type ComputedStructure, type MendedStructure } from '@lignum/core/plan/compute-as';
import type { Plan, StructurePlan } from '@lignum/core/plan/plan';
import type { Kinds } from '@lignum/core/plan/setting-of';

/** Results by the plan they follow from: plans never change in place, so a result stays true. */
const structures = new WeakMap<Plan, Map<StructurePlan, ComputedStructure>>();
const mended = new WeakMap<ComputedStructure, MendedStructure>();

/** Everything that follows from one structure but what would mend its findings. */
export function structureOf(kinds: Kinds, plan: Plan, structure: StructurePlan): ComputedStructure {
  const ofPlan = structures.get(plan) ?? new Map<StructurePlan, ComputedStructure>();
  structures.set(plan, ofPlan);
  const known = ofPlan.get(structure) ?? computeAs(kinds, plan, structure);
  ofPlan.set(structure, known);
  return known;
}

/** That with its mends tried. */
export function mendedOf(kinds: Kinds, plan: Plan, structure: StructurePlan): MendedStructure {
  const computed = structureOf(kinds, plan, structure);
  const known = mended.get(computed) ?? withMends(kinds, plan, computed);
  mended.set(computed, known);
  return known;
}
