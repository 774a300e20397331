import { CATALOGUE } from '../catalogue/catalogue';
import { openTo } from '../choosing/kept-out';
import { spending } from '../choosing/over-seasons';
import { fullGrowthMonth, minutesOf, WEEKS_OF_TENDING } from '../choosing/weigh';
import { computeGarden } from '../plan/compute';
import { changesBetween } from '../plan/changes';
import { named, type NamedChange } from '../plan/named-changes';
import type { Plan } from '../plan/plan';
import { growingIn } from '../plan/growing';
import { standsIn } from '../plan/stands';
import { onPlotOf } from '../shade/on-plot';
import { bedSuns } from '../shade/study';
import { openIn, openPoints } from './open-points';
import { outlinesOf, type Outlined } from './outlines';

/** A whole garden in the figures by which one layout is held against another. Plain data, so that a worker can hand it over. */
export interface Whole {
  /** All of it bought and cut together, to begin with and after so many seasons. Minor units. */
  startMinor: number;
  afterMinor: number;
  complete: boolean;
  hoursAYear: number;
  /** Mean hours of direct sun on its planted beds in full growth; null where nothing grows. */
  sunHours: number | null;
  /** How much of what is open in it fails, and has to be looked at. */
  fails: number;
  warns: number;
  /** How many planted places are open to somebody who visits. */
  unprotected: number;
  /** What stands, on the plot, seen from above. mm. */
  outlines: readonly Outlined[];
}

/**
 * A garden as a whole.
 * @example wholeOf(plan, 10).hoursAYear // 31.5
 */
export function wholeOf(plan: Plan, seasons: number): Whole {
  const garden = computeGarden(plan);
  const { structures, shopping, cost } = garden;
  const open = openIn(plan, garden, standsIn(plan));
  const points = openPoints(open);
  const growing = new Set(growingIn(plan).map(({ bed }) => bed));
  const beds = plan.beds.filter(({ id }) => growing.has(id));
  const suns = bedSuns(plan, structures.map(onPlotOf), beds, fullGrowthMonth(plan), 40, 800);
  return {
    startMinor: cost.totalMinor,
    afterMinor: spending(shopping.purchases, seasons, CATALOGUE, plan.priceBook).at(-1) ?? 0,
    complete: cost.complete,
    hoursAYear: (structures.reduce((sum, one) => sum + minutesOf(one), 0) * WEEKS_OF_TENDING) / 60,
    sunHours: suns.length === 0 ? null : suns.reduce((sum, { hours }) => sum + hours, 0) / suns.length,
    fails: points.filter(({ level }) => level === 'fail').length,
    warns: points.filter(({ level }) => level === 'warn').length,
    unprotected: open.watched.filter((one) => openTo(one).length > 0).length,
    outlines: outlinesOf(structures),
  };
}

/** Two layouts beside each other: each as a whole, and what has to be done to the first to have the second. Decision 71. */
export const beside = (
  here: Plan,
  there: Plan,
  seasons: number,
): { here: Whole; there: Whole; changes: NamedChange[] } => ({
  here: wholeOf(here, seasons),
  there: wholeOf(there, seasons),
  changes: named(changesBetween(here, there), here, there),
});
