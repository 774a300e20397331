import type { ComputedStructure } from '../plan/compute-as';
import type { Plan, Work } from '../plan/plan';
import { stepsOf } from '../plan/steps';
import { addDays, daysBetween, weekdayOf } from '../site/calendar-days';
import { workDays, type WorkDay } from './days';
import { plantingSteps, tasksOf } from './order';
import { scheduleOf, type Placed, type Schedule } from './schedule';
import type { Task } from './task';
import { usualWork } from './usual-work';

/** What has to be seen to before a day, by somebody at a desk. */
export type Before =
  /** Buried services are asked for, for holes on these days; the marking runs out again. */
  | { what: 'services'; by: string; digs: readonly string[]; structures: readonly string[] }
  /** Long panels are ordered, to be there on the day. */
  | { what: 'delivery'; by: string; structures: readonly string[] }
  /** Permits and boundaries are settled before anything is begun. */
  | { what: 'permits'; by: string; structures: readonly string[] };

/** How far a structure's work lies, and what hangs on it. */
export interface Standing {
  structure: string;
  minutes: number;
  firstDay: string | null;
  doneOn: string | null;
  /** The day by which it is wanted, and how many days are left over; less than nought where it is late. */
  due: string | null;
  slackDays: number | null;
}

export interface Weekends {
  tasks: readonly Task[];
  schedule: Schedule;
  /** The days of the schedule on which something is done. */
  days: readonly WorkDay[];
  structures: readonly Standing[];
  before: readonly Before[];
  /** By the rates and the own pace: of all people together. Minutes. */
  minutes: number;
  pace: number;
  /** The latest day from which it could be begun with nothing late; null where something is late already, or nothing is wanted by a day. */
  latestFrom: string | null;
  /** What is left to do of what is built when its plants go in: days, and the structures. */
  withPlants: readonly { on: string; structures: readonly string[] }[];
}

/** So many working days are looked at: two years of weekends. */
const MOST_DAYS = 220;
/** Services are asked for three working days ahead, and their marks fade in two weeks (common practice, no source). */
const ASK_AHEAD_DAYS = 3;
const MARKS_LAST_DAYS = 14;
/** Long goods are ordered so far ahead, and a permit asked for (from memory). */
const ORDER_AHEAD_DAYS = 7;
const PERMIT_AHEAD_DAYS = 28;
/** A pace that was learned is no less and no more than so many times the rates: beyond, something else was reckoned. */
const PACE = { least: 0.4, most: 3 };

/** What the gardener's own pace comes to: what days took over what had been reckoned for them. */
export function paceOf({ took }: Pick<Work, 'took'>): number {
  const [tookMin, reckonedMin] = took.reduce(([a, b], day) => [a + day.tookMin, b + day.reckonedMin], [0, 0]);
  return reckonedMin > 0 ? Math.min(PACE.most, Math.max(PACE.least, tookMin / reckonedMin)) : 1;
}

/** A day so many working days before another. */
function workingDaysBefore(day: string, many: number): string {
  let at = day;
  for (let left = many; left > 0;) {
    at = addDays(at, -1);
    if (weekdayOf(at) % 6 !== 0) left--;
  }
  return at;
}

/**
 * All the work of a garden on its days: in what order, by whom, how long, what has to be seen to before, and what is late.
 * @param isDone what has been ticked off: a task by its id, a part by its structure and key
 * @param today no work is planned before it
 * @example weekendsOf(plan, computeGarden(plan).structures, () => false, '2027-03-01').schedule.lastDay
 */
export function weekendsOf(
  plan: Plan,
  structures: readonly Pick<ComputedStructure, 'structure' | 'kind' | 'sized' | 'setting'>[],
  isDone: (what: string) => boolean,
  today: string,
): Weekends {
  const work = plan.work ?? usualWork(plan);
  const pace = paceOf(work);
  const all = tasksOf(plan, structures, pace);
  const adds = new Map(structures.map((one) => [one.structure.id, stepsOf(one)]));
  const done = new Set(
    all.flatMap((task) => {
      const step = adds.get(task.structure)?.[task.steps.at(-1) ?? -1];
      const parts = (step?.adds ?? []).map((part) => `${task.structure} ${part}`);
      return isDone(task.id) || (parts.length > 0 && parts.every(isDone)) ? [task.id] : [];
    }),
  );
  const tasks = all
    .filter(({ id }) => !done.has(id))
    .map((task) => ({ ...task, after: task.after.filter((id) => !done.has(id)) }));
  const fixed = new Map(work.fixed.map(({ task, date }) => [task, date]));
  const from = work.from > today ? work.from : today;
  const days = workDays(plan, { ...work, from }, MOST_DAYS);
  const schedule = scheduleOf(tasks, days, fixed);
  const used = new Set(schedule.placed.map(({ date }) => date));
  const standings = standingsOf(tasks, schedule.placed);
  return {
    tasks,
    schedule,
    days: days.filter(({ date }) => used.has(date)),
    structures: standings,
    before: beforeOf(tasks, schedule.placed, adds),
    minutes: tasks.reduce((sum, { minutes, people }) => sum + minutes * people, 0),
    pace,
    latestFrom: latestOf(standings, from),
    withPlants: withPlants(standings, adds),
  };
}

function standingsOf(tasks: readonly Task[], placed: readonly Placed[]): Standing[] {
  const on = new Map(placed.map(({ task, date }) => [task, date]));
  const by = new Map<string, Task[]>();
  for (const task of tasks) by.set(task.structure, [...(by.get(task.structure) ?? []), task]);
  return [...by].map(([structure, own]): Standing => {
    const days = own.flatMap(({ id }) => on.get(id) ?? []).toSorted();
    const doneOn = days.length === own.length ? (days.at(-1) ?? null) : null;
    const due = own[0]?.due ?? null;
    return {
      structure,
      minutes: own.reduce((sum, { minutes, people }) => sum + minutes * people, 0),
      firstDay: days[0] ?? null,
      doneOn,
      due,
      slackDays: due !== null && doneOn !== null ? daysBetween(doneOn, due) : null,
    };
  });
}

/** Begun so much later, the one that has least time to spare is done on its last day: days of the week stay what they are. */
function latestOf(standings: readonly Standing[], from: string): string | null {
  const slack = standings.flatMap(({ slackDays }) => slackDays ?? []);
  const least = Math.min(...slack);
  return slack.length > 0 && least >= 0 ? addDays(from, Math.floor(least / 7) * 7) : null;
}

/** By the day on which plants go in, what still has steps that wait for them. */
function withPlants(
  standings: readonly Standing[],
  steps: ReadonlyMap<string, ReturnType<typeof stepsOf>>,
): { on: string; structures: string[] }[] {
  const by = new Map<string, string[]>();
  for (const { structure, due } of standings)
    if (due && plantingSteps(steps.get(structure) ?? []).length > 0) by.set(due, [...(by.get(due) ?? []), structure]);
  return [...by].map(([on, structures]) => ({ on, structures })).toSorted((a, b) => (a.on < b.on ? -1 : 1));
}

function beforeOf(
  tasks: readonly Task[],
  placed: readonly Placed[],
  steps: ReadonlyMap<string, ReturnType<typeof stepsOf>>,
): Before[] {
  const on = new Map(placed.map(({ task, date }) => [task, date]));
  const asks = (structure: string, code: string): boolean =>
    steps.get(structure)?.some(({ what }) => what.code === code) ?? false;
  const services: Before[] = [];
  const digging = tasks
    .filter((task) => task.digs && asks(task.structure, 'step.locate'))
    .flatMap((task) => {
      const date = on.get(task.id);
      return date ? [{ date, structure: task.structure }] : [];
    })
    .toSorted((a, b) => (a.date < b.date ? -1 : 1));
  for (const { date, structure } of digging) {
    const last = services.at(-1);
    if (last?.what === 'services' && daysBetween(last.digs[0] ?? date, date) <= MARKS_LAST_DAYS) {
      if (!last.digs.includes(date)) services[services.length - 1] = { ...last, digs: [...last.digs, date] };
      const now = services.at(-1);
      if (now?.what === 'services' && !now.structures.includes(structure))
        services[services.length - 1] = { ...now, structures: [...now.structures, structure] };
    } else
      services.push({
        what: 'services',
        by: workingDaysBefore(date, ASK_AHEAD_DAYS),
        digs: [date],
        structures: [structure],
      });
  }
  const firstOf = (structure: string): string | null =>
    tasks
      .filter((task) => task.structure === structure)
      .flatMap(({ id }) => on.get(id) ?? [])
      .toSorted()[0] ?? null;
  const structures = [...new Set(tasks.map(({ structure }) => structure))];
  const once = (what: 'delivery' | 'permits', code: string, ahead: number): Before[] => {
    const asked = structures.flatMap((structure) => {
      const first = asks(structure, code) ? firstOf(structure) : null;
      return first ? [{ structure, first }] : [];
    });
    const first = asked.map(({ first }) => first).toSorted()[0];
    return first ? [{ what, by: addDays(first, -ahead), structures: asked.map(({ structure }) => structure) }] : [];
  };
  return [
    ...once('permits', 'step.allowed', PERMIT_AHEAD_DAYS),
    ...once('delivery', 'step.fetch', ORDER_AHEAD_DAYS),
    ...services,
  ].toSorted((a, b) => (a.by < b.by ? -1 : 1));
}
