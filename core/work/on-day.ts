import type { Counted } from './counted';
import { clockOf, longestOf, type WorkDay } from './days';
import type { Placed } from './place';
import { minutesFor, type Task } from './task';
import type { Weekends } from './weekends';

/** What of one structure is done on a day, in the order in which it is begun. */
export interface OnDay {
  structure: string;
  /** Its number on the board of the day. */
  number: number;
  tasks: readonly { task: Task; placed: Placed }[];
  /** Of all people together. */
  minutes: number;
  counted: readonly Counted[];
  isForTwo: boolean;
}

/** The work of a day by structure. */
export function onDay({ tasks, schedule }: Pick<Weekends, 'tasks' | 'schedule'>, date: string): OnDay[] {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const by = new Map<string, { task: Task; placed: Placed }[]>();
  for (const placed of schedule.placed.toSorted((a, b) => a.from - b.from)) {
    const task = byId.get(placed.task);
    if (placed.date === date && task) by.set(task.structure, [...(by.get(task.structure) ?? []), { task, placed }]);
  }
  return [...by].map(([structure, own], i) => ({
    structure,
    number: i + 1,
    tasks: own,
    minutes: own.reduce(
      (sum, { task, placed }) => sum + minutesFor(task, placed.people.length) * placed.people.length,
      0,
    ),
    counted: own.flatMap(({ task }) => task.counted),
    isForTwo: own.some(({ task }) => task.people === 2),
  }));
}

/** A stretch of somebody's day at one structure. Minutes from the day's beginning. */
export interface Stretch {
  number: number;
  from: number;
  to: number;
  together: boolean;
}

/** Somebody's day as stretches: what follows at one structure is one of them. */
export function stretchesOf(work: readonly OnDay[], name: string): Stretch[] {
  const all = work
    .flatMap(({ number, tasks }) =>
      tasks
        .filter(({ placed }) => placed.people.includes(name))
        .map(({ placed }) => ({ number, from: placed.from, to: placed.to, together: placed.people.length === 2 })),
    )
    .toSorted((a, b) => a.from - b.from);
  const joined: Stretch[] = [];
  for (const one of all) {
    const last = joined.at(-1);
    if (last?.number === one.number && last.together === one.together && one.from - last.to <= GAP_MIN)
      last.to = one.to;
    else joined.push({ ...one });
  }
  return joined;
}
/** A tool set up in between is no other stretch. Minutes. */
const GAP_MIN = 15;

/** A day as it is drawn: how long it goes on, whose hours are marked by the clock, and what each does in it. Minutes. */
export interface Board {
  endsMin: number;
  hours: readonly { minute: number; clock: number }[];
  rows: readonly { name: string; minutes: number; stretches: readonly Stretch[] }[];
}

/** The clock time at which a minute of a day's work lies. Minutes after midnight. */
export const clockIn = (day: WorkDay, minute: number): number => clockOf(minute, longestOf(day));

/** A day of work as it is drawn. */
export function boardOf(day: WorkDay, work: readonly OnDay[]): Board {
  const endsMin = Math.max(longestOf(day), endOf(work));
  return {
    endsMin,
    hours: Array.from({ length: Math.floor(endsMin / 60) + 1 }, (_, i) => ({
      minute: i * 60,
      clock: clockIn(day, i * 60),
    })),
    rows: day.there.map(({ name, minutes }) => ({ name, minutes, stretches: stretchesOf(work, name) })),
  };
}

/** When the last of a day's work is done. Minutes. */
export const endOf = (work: readonly OnDay[]): number =>
  Math.max(0, ...work.flatMap(({ tasks }) => tasks.map(({ placed }) => placed.to)));
