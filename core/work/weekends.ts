import type { ComputedStructure } from '../plan/compute-as';
import type { Plan, Work } from '../plan/plan';
import { stepsOf } from '../plan/steps';
import { addDays, daysBetween, weekdayOf } from '../site/calendar-days';
import type { Tool } from '../building/tools';
import type { Cargo } from '../catalogue/cargo';
import { workDays, type WorkDay } from './days';
import { leftOf, manMinutes, paceOf, type Built, type StepsOf } from './left';
import { DRIES_DAYS, isFinished, isTreated, plantingSteps, tasksOf } from './order';
import type { Placed } from './place';
import { scheduleOf, type Schedule } from './schedule';
import { begunFirstMin, type Task } from './task';
import { usualWork } from './usual-work';

/** What has to be seen to before a day, by somebody at a desk. */
export type Before =
  /** Buried services are asked for, for holes on these days; the marking runs out again. */
  | { what: 'services'; by: string; digs: readonly string[]; structures: readonly string[] }
  /** Long panels are ordered, to be there on the day. */
  | { what: 'delivery'; by: string; structures: readonly string[] }
  /** Permits and boundaries are settled before anything is begun. */
  | { what: 'permits'; by: string; structures: readonly string[] }
  /** A tool that is hired or lent is asked for, for these days. */
  | { what: 'tool'; by: string; tool: Tool; days: readonly string[] }
  /** Somebody is there when it is brought. */
  | { what: 'brought'; by: string; cargo: Cargo }
  /** Treated timber is bought and stacked, so that it has dried when it is oiled or painted on a day. */
  | { what: 'drying'; by: string; day: string; structures: readonly string[] };

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

/** Two are never there together for long enough; it is too cold whenever somebody is there; a tool that is lent is there on too few days of work; there are not enough days. */
export type Stuck = 'two' | 'cold' | 'tool' | 'days';

export interface Weekends {
  tasks: readonly Task[];
  schedule: Schedule;
  /** Structures of which something finds no day, and why. */
  stuck: readonly { structure: string; why: Stuck }[];
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
 * @param built what is ticked off
 * @param today no work is planned before it
 * @example weekendsOf(plan, computeGarden(plan).structures, {}, '2027-03-01').schedule.lastDay
 */
export function weekendsOf(
  plan: Plan,
  structures: readonly Pick<ComputedStructure, 'structure' | 'kind' | 'sized' | 'setting'>[],
  built: Built,
  today: string,
): Weekends {
  const work = plan.work ?? usualWork(plan);
  const pace = paceOf(work);
  const all = tasksOf(plan, structures, pace);
  const steps = new Map(structures.map((one) => [one.structure.id, stepsOf(one)]));
  const tasks = leftOf(all, steps, built);
  const fixed = new Map(work.fixed.map(({ task, date }) => [task, date]));
  const from = work.from > today ? work.from : today;
  const begun = (from: string) => {
    const days = workDays(plan, { ...work, from }, MOST_DAYS);
    return { days, schedule: scheduleOf(tasks, days, fixed) };
  };
  const { days, schedule } = begun(from);
  const used = new Set(schedule.placed.map(({ date }) => date));
  const standings = standingsOf(tasks, schedule.placed);
  const treated = new Set(
    structures.flatMap(({ structure, sized }) =>
      sized.design.parts.some(({ stock }) => isTreated(stock)) ? [structure.id] : [],
    ),
  );
  return {
    tasks,
    schedule,
    stuck: stuckOf(tasks, schedule.homeless, days),
    days: days.filter(({ date }) => used.has(date)),
    structures: standings,
    before: [
      ...beforeOf(tasks, schedule.placed, steps),
      ...comingOf(work, tasks, schedule.placed, steps, treated),
    ].toSorted((a, b) => (a.by < b.by ? -1 : 1)),
    minutes: manMinutes(tasks),
    pace,
    latestFrom: latestOf(standings, from, (later) => {
      const { lateDays, homeless } = begun(later).schedule;
      return lateDays > 0 || homeless.length > schedule.homeless.length;
    }),
    withPlants: withPlants(standings, steps),
  };
}

/** Why something finds no day: told of what waits for nothing else that finds none. */
function stuckOf(
  tasks: readonly Task[],
  homeless: readonly string[],
  days: readonly WorkDay[],
): { structure: string; why: Stuck }[] {
  const none = new Set(homeless);
  const why = (task: Task): Stuck => {
    const warm = days.filter((day) => (!task.pours || day.poursWell) && (!task.digs || day.open));
    if (warm.length === 0 && days.length > 0) return 'cold';
    const second = ({ there }: WorkDay): number =>
      there.map(({ minutes }) => minutes).toSorted((a, b) => b - a)[1] ?? 0;
    if (task.people === 2 && !warm.some((day) => second(day) >= begunFirstMin(task))) return 'two';
    return task.onlyOn === null ? 'days' : 'tool';
  };
  const found = new Map<string, Stuck>();
  for (const task of tasks)
    if (none.has(task.id) && !task.after.some((id) => none.has(id)) && !found.has(task.structure))
      found.set(task.structure, why(task));
  return [...found].map(([structure, reason]) => ({ structure, why: reason }));
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
      minutes: manMinutes(own),
      firstDay: days[0] ?? null,
      doneOn,
      due,
      slackDays: due !== null && doneOn !== null ? daysBetween(doneOn, due) : null,
    };
  });
}

/** The latest day, whole weeks on, from which nothing is late: looked for from as late as the least time to spare allows, each worked out anew. */
function latestOf(standings: readonly Standing[], from: string, isLate: (from: string) => boolean): string | null {
  const slack = standings.flatMap(({ slackDays }) => slackDays ?? []);
  const least = Math.min(...slack);
  if (slack.length === 0 || least < 0) return null;
  for (let weeks = Math.floor(least / 7); weeks > 0; weeks--) {
    const later = addDays(from, weeks * 7);
    if (!isLate(later)) return later;
  }
  return from;
}

/** By the day on which plants go in, what still has steps that wait for them. */
function withPlants(standings: readonly Standing[], steps: StepsOf): { on: string; structures: string[] }[] {
  const by = new Map<string, string[]>();
  for (const { structure, due } of standings)
    if (due && plantingSteps(steps.get(structure) ?? []).length > 0) by.set(due, [...(by.get(due) ?? []), structure]);
  return [...by].map(([on, structures]) => ({ on, structures })).toSorted((a, b) => (a.on < b.on ? -1 : 1));
}

function beforeOf(tasks: readonly Task[], placed: readonly Placed[], steps: StepsOf): Before[] {
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
  ];
}

/** What is asked for, met and bought ahead, because it is lent, brought or has to dry. */
function comingOf(
  { lent = [], brought = [] }: Work,
  tasks: readonly Task[],
  placed: readonly Placed[],
  steps: StepsOf,
  treated: ReadonlySet<string>,
): Before[] {
  const on = new Map(placed.map(({ task, date }) => [task, date]));
  const finishes = new Map<string, string[]>();
  for (const { id, structure, steps: own } of tasks) {
    const all = steps.get(structure) ?? [];
    const day = on.get(id);
    if (day && treated.has(structure) && own.some((i) => all[i] && isFinished(all[i])))
      finishes.set(day, [...(finishes.get(day) ?? []), structure]);
  }
  return [
    ...lent.flatMap(({ tool, days }): Before[] => {
      const used = tasks.flatMap(({ id, tools }) => (tools.includes(tool) ? (on.get(id) ?? []) : []));
      const asked = days.filter((one) => used.includes(one)).toSorted();
      return asked[0] ? [{ what: 'tool', by: addDays(asked[0], -ORDER_AHEAD_DAYS), tool, days: asked }] : [];
    }),
    ...brought.map(({ cargo, date }): Before => ({ what: 'brought', by: date, cargo })),
    // Where the day on which it comes is known, it is not begun before it has dried.
    ...(brought.some(({ cargo }) => cargo === 'timber')
      ? []
      : [...finishes].map(([day, structures]): Before => ({
          what: 'drying',
          by: addDays(day, -DRIES_DAYS),
          day,
          structures,
        }))),
  ];
}
