import { CATALOGUE } from '../catalogue/catalogue';
import { buy } from '../costing/buy';
import { cost } from '../costing/cost';
import type { SeenStructure } from '../plan/compute-as';
import type { Plan } from '../plan/plan';

/**
 * What a structure, bought alone, costs less for what lies in the shed, in minor units: the same bill bought without it.
 * @example savedByShed(plan, computeAs(kindOf, plan, structure)) // 1280
 */
export function savedByShed(plan: Plan, { structure, bill, shopping, cost: own }: SeenStructure): number {
  if (shopping.fromShed.length === 0) return 0;
  const bought = buy(
    [{ structure: structure.id, lines: bill }],
    plan.priceBook,
    [],
    CATALOGUE,
    plan.garden.saw?.kerfMm,
  );
  return cost(bought, plan.priceBook, CATALOGUE, { plants: 0, rowMm: 0 }).totalMinor - own.totalMinor;
}
