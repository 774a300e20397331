'use client';
import { computeGarden, type ComputedGarden } from '@lignum/core/plan/compute';
import type { Plan } from '@lignum/core/plan/plan';

/** Results by the plan they follow from: plans never change in place, so a result stays true. */
const gardens = new WeakMap<Plan, ComputedGarden>();

export function gardenOf(plan: Plan): ComputedGarden {
  const known = gardens.get(plan) ?? computeGarden(plan);
  gardens.set(plan, known);
  return known;
}
