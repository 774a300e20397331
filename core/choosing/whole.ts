import { CATALOGUE } from '../catalogue/catalogue';
import { openTo, whoIsKeptOut } from './kept-out';
import { spending } from './over-seasons';
import { fullGrowthMonth, minutesOf, WEEKS_OF_TENDING } from './rank';
import { footprintOf } from '../design/on-plot';
import type { Pair } from '../geometry/polygon';
import { computeGarden } from '../plan/compute';
import { changesBetween } from '../plan/changes';
import { named, type NamedChange } from '../plan/named-changes';
import type { Plan } from '../plan/plan';
import { growingIn } from '../plan/growing';
import { onPlotOf } from '../shade/on-plot';
import { bedSuns } from '../shade/study';
import { toPlot } from '../site/frame';
import { isUrgent } from '../checks/check';

/** A whole garden in the figures by which one layout is held against another. Plain data, so that a worker can hand it over. */
export interface Whole {
  structures: number;
  /** All of it bought and cut together, to begin with and after so many seasons. Minor units. */
  startMinor: number;
  afterMinor: number;
  complete: boolean;
  hoursAYear: number;
  /** Mean hours of direct sun on its planted beds in full growth; null where nothing grows. */
  sunHours: number | null;
  /** How many things fail, and have to be looked at. */
  fails: number;
  warns: number;
  /** Planted places, and how many of them are open to somebody who visits. */
  planted: number;
  unprotected: number;
  /** What stands, on the plot, seen from above. mm. */
  outlines: readonly { structure: string; corners: readonly Pair[] }[];
}

/**
 * A garden as a whole.
 * @example wholeOf(plan, 10).hoursAYear // 31.5
 */
export function wholeOf(plan: Plan, seasons: number): Whole {
  const { structures, shopping, cost } = computeGarden(plan);
  const watched = whoIsKeptOut(plan, structures);
  const growing = new Set(growingIn(plan).map(({ bed }) => bed));
  const beds = plan.beds.filter(({ id }) => growing.has(id));
  const suns = bedSuns(plan, structures.map(onPlotOf), beds, fullGrowthMonth(plan), 40, 800);
  const level = (wanted: string): number =>
    structures.filter(({ verdicts }) => verdicts.filter(isUrgent).some((one) => one.level === wanted)).length;
  const tended = structures.filter(
    ({ kind, setting }) => setting.planted.length > 0 || kind.purpose === 'cover' || kind.purpose === 'barrier',
  );
  return {
    structures: structures.length,
    startMinor: cost.totalMinor,
    afterMinor: spending(shopping.purchases, seasons, CATALOGUE, plan.priceBook).at(-1) ?? 0,
    complete: cost.complete,
    hoursAYear: (tended.reduce((sum, one) => sum + minutesOf(one), 0) * WEEKS_OF_TENDING) / 60,
    sunHours: suns.length === 0 ? null : suns.reduce((sum, { hours }) => sum + hours, 0) / suns.length,
    fails: level('fail'),
    warns: level('warn'),
    planted: watched.length,
    unprotected: watched.filter((one) => openTo(one).length > 0).length,
    outlines: structures.flatMap(({ structure, sized, frame }) =>
      footprintOf(sized.design).map((outline) => ({
        structure: structure.id,
        corners: outline.map(([x, y]) => toPlot(frame, x, y)),
      })),
    ),
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
