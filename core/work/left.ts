import type { ComputedStructure } from '../plan/compute-as';
import type { Plan, Work } from '../plan/plan';
import { stepsOf } from '../plan/steps';
import { addDays } from '../site/calendar-days';
import { tasksOf } from './order';
import type { Task } from './task';
import { usualWork } from './usual-work';

/** The steps of each structure. */
export type StepsOf = ReadonlyMap<string, ReturnType<typeof stepsOf>>;

/** A pace that was learned is no less and no more than so many times the rates: beyond, something else was reckoned. */
const PACE = { least: 0.4, most: 3 };

/** What the gardener's own pace comes to: what days took over what had been reckoned for them. */
export function paceOf({ took }: Pick<Work, 'took'>): number {
  const [tookMin, reckonedMin] = took.reduce(([a, b], day) => [a + day.tookMin, b + day.reckonedMin], [0, 0]);
  return reckonedMin > 0 ? Math.min(PACE.most, Math.max(PACE.least, tookMin / reckonedMin)) : 1;
}

/** What of each structure was ticked off, steps by their keys and parts, and on which day. */
export type Built = Readonly<Record<string, Readonly<Record<string, string>>>>;

/**
 * What is left to do. A step is done when it is ticked, or all parts that it adds are, or when it adds none and one after
 * it is done; what waits for it waits from the day on which that was.
 */
export function leftOf(all: readonly Task[], steps: StepsOf, built: Built): Task[] {
  const done = new Map<string, string>();
  const after = new Map<string, string>();
  for (const { id, structure, step, steps: at } of all.toReversed()) {
    const parts = steps.get(structure)?.[at.at(-1) ?? -1]?.adds ?? [];
    const own = built[structure] ?? {};
    const ticked = parts.map((part) => own[part] ?? null);
    const whole = ticked.every((day) => day !== null) ? (ticked.toSorted().at(-1) ?? null) : null;
    const day = own[step] ?? whole ?? (parts.length === 0 ? (after.get(structure) ?? null) : null);
    if (day === null) continue;
    done.set(id, day);
    after.set(structure, day);
  }
  const waits = new Map(all.map(({ id, waitHours }) => [id, waitHours]));
  return all
    .filter(({ id }) => !done.has(id))
    .map((task) => ({
      ...task,
      after: task.after.filter((id) => !done.has(id)),
      notBefore: task.after.reduce<string | null>((latest, id) => {
        const day = done.get(id);
        const hours = waits.get(id) ?? 0;
        if (day === undefined || hours === 0) return latest;
        const over = addDays(day, Math.ceil(hours / 24));
        return latest !== null && latest > over ? latest : over;
      }, task.notBefore),
    }));
}

/** Minutes of all people together. */
export const manMinutes = (tasks: readonly Task[]): number =>
  tasks.reduce((sum, { minutes, people }) => sum + minutes * people, 0);

/**
 * How much work one structure is, and how much of it is left, whether it is taken along now or not: building alone, by the
 * rates and the own pace. Minutes of all people together.
 * @example workLeft(plan, computed, { 'tomato-wall': { 'post-1': '2027-03-06' } }) // { minutes: 310, ofMinutes: 355 }
 */
export function workLeft(
  plan: Plan,
  one: Pick<ComputedStructure, 'structure' | 'kind' | 'sized' | 'setting'>,
  built: Built,
): { minutes: number; ofMinutes: number } {
  const work = plan.work ?? usualWork(plan);
  const all = tasksOf({ ...plan, work: { ...work, later: [] } }, [one], paceOf(work));
  return {
    minutes: manMinutes(leftOf(all, new Map([[one.structure.id, stepsOf(one)]]), built)),
    ofMinutes: manMinutes(all),
  };
}
