import { CATALOGUE } from '../catalogue/catalogue';
import { buy, type Shopping } from '../costing/buy';
import { cost, type Cost } from '../costing/cost';
import type { Neighbour } from '../checks/clash';
import { plantsOf } from '../design/design';
import { kindOf } from '../structures/registry';
import { couldMeet, foundIn, neighbourOf, withClashes } from './clashes';
import { computeAs, type ComputedStructure, type SeenStructure } from './compute-as';
import { withMends, type MendedStructure } from './mends';
import type { Plan, StructurePlan } from './plan';
import { computeRemembered } from './remembered';
import { withShadow } from './shades-beds';

/** What stands near enough to a structure to be in its way. */
export const nearTo = (plan: Plan, structure: StructurePlan): Neighbour[] =>
  couldMeet(plan, structure).map((other) => neighbourOf(computeRemembered(kindOf, plan, other)));

/** Everything that follows from one structure of a checked plan, of whatever kind, with its mends, where others stand near it. */
export function computeStructure(plan: Plan, structure: StructurePlan): MendedStructure {
  const neighbours = nearTo(plan, structure);
  return withClashes(withMends(kindOf, plan, computeAs(kindOf, plan, structure), neighbours), neighbours);
}

/** Everything that follows from a garden, for whoever shows it. */
export interface SeenGarden {
  structures: readonly SeenStructure[];
  /** All structures bought and cut together. */
  shopping: Shopping;
  cost: Cost;
}

/** @example computeGarden(plan).structures.map(({ structure }) => structure.name) */
export interface ComputedGarden extends SeenGarden {
  structures: readonly ComputedStructure[];
}

/** Everything that follows from a checked plan: each structure alone, and the garden's one shopping trip. */
export function computeGarden(plan: Plan): ComputedGarden {
  const alone = plan.structures.map((structure) => computeRemembered(kindOf, plan, structure));
  const covers = new Map(alone.map((one) => [one.structure.id, neighbourOf(one)]));
  const where = foundIn(covers);
  const structures = alone.map((one) =>
    withShadow(
      plan,
      withClashes(
        one,
        couldMeet(plan, one.structure, where).flatMap((other) => covers.get(other.id) ?? []),
      ),
    ),
  );
  const shopping = buy(
    structures.map((one) => ({ structure: one.structure.id, lines: one.bill })),
    plan.priceBook,
    plan.shed,
    CATALOGUE,
    plan.garden.saw?.kerfMm,
  );
  const sum = (of: (one: ComputedStructure) => number) => structures.reduce((total, one) => total + of(one), 0);
  return {
    structures,
    shopping,
    cost: cost(shopping, plan.priceBook, CATALOGUE, {
      plants: sum((one) => one.sized.design.roomFor ?? plantsOf(one.sized.design).length),
      rowMm: sum((one) => one.sized.design.builtMm),
    }),
  };
}
