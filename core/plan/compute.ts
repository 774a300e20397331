import { CATALOGUE } from '../catalogue/catalogue';
import { judge } from '../checks/checks';
import type { Verdict } from '../checks/verdict';
import { buy, type Shopping } from '../costing/buy';
import { cost, type Cost } from '../costing/cost';
import { takeOff, type BillLine } from '../materials/take-off';
import type { Settings } from '../structures/knob';
import type { Sized } from '../structures/kind';
import { kindOf } from '../structures/registry';
import type { Setting } from '../structures/setting';
import type { Plan, StructurePlan } from './plan';
import { settingOf } from './setting-of';

/** A verdict with the change that mends it and what the change costs; a mend that mends nothing is not offered. */
export interface MendableVerdict extends Verdict {
  mend: { settings: Settings; costMinor: number } | null;
}

export interface ComputedStructure {
  structure: StructurePlan;
  setting: Setting;
  sized: Sized;
  bill: readonly BillLine[];
  shopping: Shopping;
  cost: Cost;
  verdicts: readonly MendableVerdict[];
}

interface Priced {
  sized: Sized;
  bill: readonly BillLine[];
  shopping: Shopping;
  cost: Cost;
}

function price(plan: Plan, structure: StructurePlan, settings: Settings, setting: Setting): Priced {
  const sized = kindOf(structure.kind).design(settings, setting);
  const bill = takeOff(sized.design, CATALOGUE);
  const shopping = buy([{ structure: structure.id, lines: bill }], plan.priceBook, plan.shed, CATALOGUE, plan.garden.saw?.kerfMm);
  return { sized, bill, shopping, cost: cost(shopping, plan.priceBook, CATALOGUE, { plants: sized.design.stations.length, rowMm: sized.design.builtMm }) };
}

/** Everything that follows from one structure of a checked plan, as if it were bought alone. */
export function computeStructure(plan: Plan, structure: StructurePlan): ComputedStructure {
  const kind = kindOf(structure.kind);
  const setting = settingOf(plan, structure);
  const priced = price(plan, structure, structure.knobs, setting);
  const verdicts = judge({ design: priced.sized.design, setting }).map((verdict): MendableVerdict => {
    const settings = verdict.level === 'good' ? null : kind.mend(verdict.told.code, structure.knobs, priced.sized, setting);
    if (!settings) return { ...verdict, mend: null };
    const mended = price(plan, structure, settings, setting);
    const still = judge({ design: mended.sized.design, setting }).some((one) => one.told.code === verdict.told.code);
    return { ...verdict, mend: still ? null : { settings, costMinor: mended.cost.totalMinor - priced.cost.totalMinor } };
  });
  return { structure, setting, ...priced, verdicts };
}

export interface ComputedGarden {
  structures: readonly ComputedStructure[];
  /** All structures bought and cut together. */
  shopping: Shopping;
  cost: Cost;
}

/** Everything that follows from a checked plan: each structure alone, and the garden's one shopping trip. */
export function computeGarden(plan: Plan): ComputedGarden {
  const structures = plan.structures.map((structure) => computeStructure(plan, structure));
  const shopping = buy(structures.map((one) => ({ structure: one.structure.id, lines: one.bill })), plan.priceBook, plan.shed, CATALOGUE, plan.garden.saw?.kerfMm);
  const sum = (of: (one: ComputedStructure) => number) => structures.reduce((total, one) => total + of(one), 0);
  return {
    structures,
    shopping,
    cost: cost(shopping, plan.priceBook, CATALOGUE, { plants: sum((one) => one.sized.design.stations.length), rowMm: sum((one) => one.sized.design.builtMm) }),
  };
}
