import { CATALOGUE } from '../catalogue/catalogue';
import { judge } from '../checks/checks';
import type { Verdict } from '../checks/verdict';
import { buy, type Shopping } from '../costing/buy';
import { cost, type Cost } from '../costing/cost';
import { takeOff, type BillLine } from '../materials/take-off';
import type { Settings } from '../structures/knob';
import type { Sized, StructureKind } from '../structures/kind';
import type { Setting } from '../structures/setting';
import type { Plan, StructurePlan } from './plan';
import { settingOf } from './setting-of';

/** A verdict with the change that mends it and what the change costs; a mend that mends nothing is not offered. */
export interface MendableVerdict extends Verdict {
  mend: { settings: Settings; costMinor: number } | null;
}

export interface ComputedStructure {
  structure: StructurePlan;
  kind: StructureKind;
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

function price(
  plan: Plan,
  structure: StructurePlan,
  kind: StructureKind,
  settings: Settings,
  setting: Setting,
): Priced {
  const sized = kind.design(settings, setting);
  const bill = takeOff(sized.design, CATALOGUE);
  const shopping = buy(
    [{ structure: structure.id, lines: bill }],
    plan.priceBook,
    plan.shed,
    CATALOGUE,
    plan.garden.saw?.kerfMm,
  );
  return {
    sized,
    bill,
    shopping,
    cost: cost(shopping, plan.priceBook, CATALOGUE, {
      plants: sized.design.stations.length,
      rowMm: sized.design.builtMm,
    }),
  };
}

/**
 * Everything that follows from one structure of a checked plan, as if it were bought alone. The kind
 * is handed in, so that a page that shows one support need not carry all of them.
 */
export function computeAs(kind: StructureKind, plan: Plan, structure: StructurePlan): ComputedStructure {
  const setting = settingOf(plan, structure);
  const priced = price(plan, structure, kind, structure.knobs, setting);
  const verdicts = judge({ design: priced.sized.design, setting }).map((verdict): MendableVerdict => {
    const settings =
      verdict.level === 'good' ? null : kind.mend(verdict.told.code, structure.knobs, priced.sized, setting);
    if (!settings) return { ...verdict, mend: null };
    const mended = price(plan, structure, kind, settings, setting);
    const still = judge({ design: mended.sized.design, setting }).some((one) => one.told.code === verdict.told.code);
    return {
      ...verdict,
      mend: still ? null : { settings, costMinor: mended.cost.totalMinor - priced.cost.totalMinor },
    };
  });
  return { structure, kind, setting, ...priced, verdicts };
}
