import type { Plan, Planting } from '@lignum/core/plan/plan';
import { newPlanting } from '../garden/beginnings';
import { newBed } from '../garden/new-bed';
import { growingIn } from '@lignum/core/plan/growing';

/** Plantings of a bed that nothing holds yet. */
export function waitingOn(plan: Plan, bed: string): Planting[] {
  const carried = new Set(plan.structures.flatMap((structure) => structure.plantings));
  return growingIn(plan).filter((one) => one.bed === bed && !carried.has(one.id));
}

/** What *plan a row* begins with: the first planting that waits on the bed, or a new one. */
export const firstPlanting = (plan: Plan, bedId: string | undefined): Planting => {
  const bed = plan.beds.find((one) => one.id === bedId) ?? newBed(plan);
  return waitingOn(plan, bed.id)[0] ?? newPlanting(bed, plan.garden.year);
};
