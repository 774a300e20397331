import { CATALOGUE } from '../catalogue/catalogue';
import { byUrgency, type Verdict } from '../checks/check';
import { keepClear } from '../checks/keep-clear';
import { buy, type Shopping } from '../costing/buy';
import { cost, type Cost } from '../costing/cost';
import { feetOf } from '../design/on-plot';
import { takeOff, type BillLine } from '../materials/take-off';
import { frameOf, toPlot, type Frame } from '../site/stand';
import type { Settings } from '../structures/knob';
import type { Sized, StructureKind } from '../structures/kind';
import type { Setting } from '../structures/setting';
import { aroundOf, type Around } from './around';
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
  /** The way from its own frame to the plot, and what lies about it, in its own frame. */
  frame: Frame;
  around: Around;
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
  const { stations, builtMm } = sized.design;
  return {
    sized,
    bill,
    shopping,
    cost: cost(shopping, plan.priceBook, CATALOGUE, { plants: stations.length, rowMm: builtMm }),
  };
}

/** What the place says of a design, whatever its kind: what is near its feet. */
const placeVerdict = (plan: Plan, { design }: Sized, frame: Frame): Verdict | null =>
  keepClear({ feet: feetOf(design).map(([x, y]) => toPlot(frame, x, y)), features: plan.features });

/**
 * Everything that follows from one structure of a checked plan, as if it were bought alone. The kind
 * is handed in, so that a page that shows one support need not carry all of them. Whether another stands
 * in its place is added by `withClashes`.
 */
export function computeAs(kind: StructureKind, plan: Plan, structure: StructurePlan): ComputedStructure {
  const setting = settingOf(plan, structure);
  const priced = price(plan, structure, kind, structure.knobs, setting);
  const frame = frameOf(setting.place, priced.sized.design.startMm);
  const judge = (sized: Sized, at: Frame): Verdict[] =>
    byUrgency([placeVerdict(plan, sized, at), ...kind.judge(sized, setting)]);
  const verdicts = judge(priced.sized, frame).map((verdict): MendableVerdict => {
    const settings =
      verdict.level === 'good' ? null : kind.mend(verdict.told.code, structure.knobs, priced.sized, setting);
    if (!settings) return { ...verdict, mend: null };
    const mended = price(plan, structure, kind, settings, setting);
    const still = judge(mended.sized, frameOf(setting.place, mended.sized.design.startMm)).some(
      (one) => one.told.code === verdict.told.code,
    );
    const costMinor = mended.cost.totalMinor - priced.cost.totalMinor;
    return { ...verdict, mend: still ? null : { settings, costMinor } };
  });
  return { structure, kind, setting, frame, around: aroundOf(setting.place, frame), ...priced, verdicts };
}
