'use client';
import { computeGarden, computeStructure, type ComputedGarden, type ComputedStructure } from '@lignum/core/plan/compute';
import type { Plan, StructurePlan } from '@lignum/core/plan/plan';

/** Results by the plan they follow from: plans never change in place, so a result stays true. */
const gardens = new WeakMap<Plan, ComputedGarden>();
const structures = new WeakMap<Plan, Map<StructurePlan, ComputedStructure>>();

export function gardenOf(plan: Plan): ComputedGarden {
  const known = gardens.get(plan) ?? computeGarden(plan);
  gardens.set(plan, known);
  return known;
}

export function structureOf(plan: Plan, structure: StructurePlan): ComputedStructure {
  const ofPlan = structures.get(plan) ?? new Map<StructurePlan, ComputedStructure>();
  structures.set(plan, ofPlan);
  const known = ofPlan.get(structure) ?? computeStructure(plan, structure);
  ofPlan.set(structure, known);
  return known;
}
