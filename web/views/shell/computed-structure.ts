'use client';
import { computeAs, type ComputedStructure } from '@lignum/core/plan/compute-as';
import type { Plan, StructurePlan } from '@lignum/core/plan/plan';
import type { Kinds } from '@lignum/core/plan/setting-of';

/** Results by the plan they follow from: plans never change in place, so a result stays true. */
const structures = new WeakMap<Plan, Map<StructurePlan, ComputedStructure>>();

export function structureOf(kinds: Kinds, plan: Plan, structure: StructurePlan): ComputedStructure {
  const ofPlan = structures.get(plan) ?? new Map<StructurePlan, ComputedStructure>();
  structures.set(plan, ofPlan);
  const known = ofPlan.get(structure) ?? computeAs(kinds, plan, structure);
  ofPlan.set(structure, known);
  return known;
}
