import type { Tool } from '../building/tools';
import { daysBetween } from '../site/calendar-days';
import type { WorkDay } from './days';
import { SET_UP_MIN, TOOL_MIN } from './rates';
import { LARGE_TOOLS, type Task } from './task';

/** A task on its day: when it begins and ends, in minutes from the day's beginning, and who does it. */
export interface Placed {
  task: string;
  date: string;
  from: number;
  to: number;
  people: readonly string[];
}

export interface Schedule {
  placed: readonly Placed[];
  /** Tasks that find no day: nobody is there long enough, or two are never there together. */
  homeless: readonly string[];
  /** Days by which what is wanted is late, summed over the structures. */
  lateDays: number;
  /** The last day on which something is done, and the fewest working days that any order would take, as far as is proved. */
  lastDay: string | null;
  days: number;
  leastDays: number;
}

interface Order {
  /** Greater is sooner. */
  weight: (task: Task) => number;
  /** How much more a task weighs whose large tools are out already. */
  sticks: number;
  /** How much more one weighs whose structure is begun: few things stand half done. */
  goesOn: number;
  /** Nothing is begun late in a day, to be left lying. */
  neat: boolean;
  /** How much less one weighs for every minute that somebody would stand about before it. */
  idle: number;
}

const HOUR = 60;
/** What is begun with less of the day left than this is not begun (from memory), unless it is ended too. Minutes. */
const LATE_MIN = 60;
/** Orders that are tried before the best is taken: more find little (from memory). */
const TRIES = 80;
/** So many tasks are placed in all the orders that are tried: a large garden is tried in fewer, so that nobody waits. */
const MOST_PLACED = 9000;
/** So few tasks are tried in every order. */
export const ALL_ORDERS = 6;

/** Numbers between 0 and 1 that look like chance and are the same every time (Park and Miller 1988, minimal standard). */
function chance(seed: number): () => number {
  let at = seed;
  return () => {
    at = (at * 16807) % 2147483647;
    return at / 2147483647;
  };
}

/** How much work waits behind each task, its own and its waits counted: the longest way to the end. Minutes. */
function tails(tasks: readonly Task[]): Map<string, number> {
  const next = new Map<string, string[]>();
  for (const { id, after } of tasks) for (const before of after) next.set(before, [...(next.get(before) ?? []), id]);
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const known = new Map<string, number>();
  const of = (id: string): number => {
    const before = known.get(id);
    if (before !== undefined) return before;
    const task = byId.get(id) as Task;
    const tail = task.minutes + task.waitHours * HOUR + Math.max(0, ...(next.get(id) ?? []).map(of));
    known.set(id, tail);
    return tail;
  };
  for (const { id } of tasks) of(id);
  return known;
}

const better = (a: Schedule, b: Schedule): boolean => {
  const of = (one: Schedule) => [one.homeless.length, one.lateDays, one.days, sumOf(one.placed)];
  const [x, y] = [of(a), of(b)];
  for (let i = 0; i < x.length; i++) if (x[i] !== y[i]) return (x[i] as number) < (y[i] as number);
  return false;
};
/** Sooner is better where all else is the same. */
const sumOf = (placed: readonly Placed[]): number =>
  placed.reduce((sum, { to, date }) => sum + to + Number(date.replaceAll('-', '')), 0);

/**
 * A resource-constrained schedule: every task on one day, after what has to be done before it and its waits, nobody in
 * two places, nobody longer than they are there. Serial schedule generation over several orders (Kolisch and Hartmann
 * 1999, *Heuristic algorithms for solving the resource-constrained project scheduling problem*); few tasks in every
 * order, which holds a best schedule among them. Decision 77. The least number of days is a proved bound: what people can do in
 * them, two together where two are asked, and the longest way through the waits.
 * @param fixed days on which tasks stay
 */
export function scheduleOf(
  tasks: readonly Task[],
  days: readonly WorkDay[],
  fixed: ReadonlyMap<string, string>,
): Schedule {
  const leastDays = leastDaysOf(tasks, days);
  const tail = tails(tasks);
  const dueIn = (task: Task): number => (task.due === null || !days[0] ? 400 : daysBetween(days[0].date, task.due));
  const made = (order: Order): Schedule => measured(tasks, days, place(tasks, days, fixed, order), leastDays);
  let best = made({
    weight: (task) => -dueIn(task) * 1e4 + (tail.get(task.id) ?? 0),
    sticks: 1e3,
    goesOn: 2e3,
    neat: true,
    idle: 1e5,
  });
  const tryOne = (order: Order): void => {
    const one = made(order);
    if (better(one, best)) best = one;
  };
  if (tasks.length <= ALL_ORDERS) {
    for (const order of permutations(tasks.map(({ id }) => id))) {
      const rank = new Map(order.map((id, i) => [id, -i]));
      tryOne({ weight: (task) => rank.get(task.id) ?? 0, sticks: 0, goesOn: 0, neat: false, idle: 0 });
    }
    return best;
  }
  tryOne({ weight: (task) => tail.get(task.id) ?? 0, sticks: 1e3, goesOn: 1e3, neat: true, idle: 1e5 });
  tryOne({
    weight: (task) => (tail.get(task.id) ?? 0) + (task.people - 1) * 1e4,
    sticks: 600,
    goesOn: 600,
    neat: true,
    idle: 1e5,
  });
  const next = chance(20_011);
  for (
    let i = 0;
    i < Math.min(TRIES, MOST_PLACED / tasks.length) &&
    !(best.lateDays === 0 && best.days === leastDays && best.homeless.length === 0);
    i++
  ) {
    const spread = 200 + 2000 * next();
    const noise = new Map(tasks.map(({ id }) => [id, next() * spread]));
    // All by their days, or only those that are wanted soon.
    const [urgent, soon] = [
      [1e4, 0],
      [1e3, 0],
      [0, 21],
    ][Math.floor(next() * 3)] as [number, number];
    const together = next() < 0.5 ? 0 : 1e4 * next();
    tryOne({
      weight: (task) =>
        -dueIn(task) * urgent +
        (dueIn(task) < soon ? 1e6 : 0) +
        (task.people - 1) * together +
        (tail.get(task.id) ?? 0) +
        (noise.get(task.id) ?? 0),
      sticks: 2000 * next(),
      goesOn: 3000 * next(),
      neat: next() < 0.7,
      idle: next() < 0.8 ? 1e5 : 1e3,
    });
  }
  return best;
}

function* permutations(of: readonly string[]): Generator<readonly string[]> {
  if (of.length <= 1) {
    yield of;
    return;
  }
  for (let i = 0; i < of.length; i++)
    for (const rest of permutations([...of.slice(0, i), ...of.slice(i + 1)])) yield [of[i] as string, ...rest];
}

/** Tasks on days, the weightiest that can be done first, whenever somebody is free. */
function place(
  tasks: readonly Task[],
  days: readonly WorkDay[],
  fixed: ReadonlyMap<string, string>,
  { weight, sticks, goesOn, neat, idle }: Order,
): { placed: Placed[]; homeless: string[] } {
  const [start] = days;
  const left = new Map(tasks.map((task) => [task.id, { task, weight: weight(task), waits: task.after.length }]));
  const next = new Map<string, string[]>();
  for (const { id, after } of tasks) for (const before of after) next.set(before, [...(next.get(before) ?? []), id]);
  /** When each may be begun: minutes from the beginning of the first day, day and night. */
  const readyAt = new Map<string, number>();
  const ready = new Set(tasks.filter(({ after }) => after.length === 0).map(({ id }) => id));
  const placed: Placed[] = [];
  const begun = new Set<string>();
  const total = new Map<string, number>();
  for (const { structure, minutes } of tasks) total.set(structure, (total.get(structure) ?? 0) + minutes);
  for (const day of days) {
    if (left.size === 0) break;
    const midnight = daysBetween(start?.date ?? day.date, day.date) * 24 * HOUR;
    const people = day.there.map((one) => ({ name: one.name, free: 0, until: one.minutes, begun: false }));
    const out = new Set<Tool>();
    for (;;) {
      const free = people.filter(({ free, until }) => free < until).toSorted((a, b) => a.free - b.free);
      if (free.length === 0) break;
      let chosen: { task: Task; weight: number; who: typeof people; from: number; to: number } | null = null;
      for (const id of ready) {
        const one = left.get(id);
        if (!one) continue;
        const { task } = one;
        // What is put on a day stays there; where it cannot be begun then, it comes as soon as it can.
        const stays = fixed.get(id);
        if (stays !== undefined && day.date < stays) continue;
        if ((task.pours && !day.poursWell) || (task.digs && !day.open)) continue;
        if (free.length < task.people) continue;
        const who = free.slice(0, task.people);
        const begins = Math.max(...who.map((person) => person.free), (readyAt.get(id) ?? 0) - midnight, 0);
        const sets =
          (who.some(({ begun }) => !begun) ? SET_UP_MIN : 0) +
          task.tools.filter((tool) => LARGE_TOOLS.has(tool) && !out.has(tool)).length * TOOL_MIN;
        const to = begins + sets + task.minutes;
        if (to > Math.min(...who.map(({ until }) => until)) && !alone(task, day, begins)) continue;
        const known = task.tools.some((tool) => out.has(tool) && LARGE_TOOLS.has(tool));
        const room = Math.min(...who.map(({ until }) => until)) - begins;
        if (
          neat &&
          stays === undefined &&
          !begun.has(task.structure) &&
          room < Math.min(LATE_MIN, total.get(task.structure) ?? 0)
        )
          continue;
        // What can be begun at once goes before what has to be waited for.
        const weighs =
          one.weight +
          (known ? sticks : 0) -
          (begins - (free[0]?.free ?? 0)) * idle +
          (begun.has(task.structure) ? goesOn : 0) +
          (stays === undefined ? 0 : 1e9);
        if (!chosen || weighs > chosen.weight) chosen = { task, weight: weighs, who, from: begins + sets, to };
      }
      if (!chosen) {
        // Who is free first finds nothing: they wait for the next who is free, or go home.
        const [first, ...others] = free;
        const then = others.find((one) => one.free > (first?.free ?? 0));
        if (!first) break;
        first.free = then ? then.free : first.until;
        continue;
      }
      const { task, who, from, to } = chosen;
      for (const person of who) {
        person.free = to;
        person.begun = true;
      }
      begun.add(task.structure);
      for (const tool of task.tools) out.add(tool);
      placed.push({
        task: task.id,
        date: day.date,
        from: Math.round(from),
        to: Math.round(to),
        people: who.map(({ name }) => name),
      });
      left.delete(task.id);
      ready.delete(task.id);
      for (const id of next.get(task.id) ?? []) {
        const one = left.get(id);
        if (!one) continue;
        readyAt.set(id, Math.max(readyAt.get(id) ?? 0, midnight + to + task.waitHours * HOUR));
        if (--one.waits === 0) ready.add(id);
      }
    }
  }
  return { placed, homeless: [...left.keys()] };
}

/** What is longer than any day is done on one by itself, however long that gets. */
const alone = (task: Task, day: WorkDay, begins: number): boolean =>
  begins === 0 && task.minutes + SET_UP_MIN > Math.max(...day.there.map(({ minutes }) => minutes));

function measured(
  tasks: readonly Task[],
  days: readonly WorkDay[],
  { placed, homeless }: { placed: Placed[]; homeless: string[] },
  leastDays: number,
): Schedule {
  const due = new Map(tasks.map((task) => [task.id, task]));
  const done = new Map<string, { on: string; due: string | null }>();
  for (const { task, date } of placed) {
    const one = due.get(task);
    if (!one) continue;
    const known = done.get(one.structure);
    done.set(one.structure, { on: known && known.on > date ? known.on : date, due: one.due });
  }
  const lateDays = [...done.values()].reduce(
    (sum, one) => sum + (one.due ? Math.max(0, daysBetween(one.due, one.on)) : 0),
    0,
  );
  const lastDay = placed.reduce<string | null>((last, { date }) => (last && last > date ? last : date), null);
  return { placed, homeless, lateDays, lastDay, days: days.findIndex(({ date }) => date === lastDay) + 1, leastDays };
}

/** The fewest of these days in which all could be done: no order needs fewer. */
export function leastDaysOf(tasks: readonly Task[], days: readonly WorkDay[]): number {
  if (tasks.length === 0) return 0;
  const all = tasks.reduce((sum, { minutes, people }) => sum + minutes * people, 0);
  const together = tasks.reduce((sum, { minutes, people }) => sum + (people === 2 ? minutes : 0), 0);
  let [has, hasTwo, byHands] = [0, 0, days.length];
  for (const [i, { there }] of days.entries()) {
    const most = there.map(({ minutes }) => minutes).toSorted((a, b) => b - a);
    has += most.reduce((sum, minutes) => sum + minutes - SET_UP_MIN, 0);
    hasTwo += most[1] ?? 0;
    if (has >= all && hasTwo >= together) {
      byHands = i + 1;
      break;
    }
  }
  // Without end of hands: each as soon as what is before it and its wait allow.
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const ends = new Map<string, number>();
  const endOf = (id: string): number => {
    const known = ends.get(id);
    if (known !== undefined) return known;
    const task = byId.get(id) as Task;
    const end =
      Math.max(0, ...task.after.map((before) => endOf(before) + (byId.get(before)?.waitHours ?? 0) * HOUR)) +
      task.minutes;
    ends.set(id, end);
    return end;
  };
  const start = days[0]?.date ?? '';
  const ending = Math.max(...tasks.map(({ id }) => endOf(id)));
  const byWaits =
    days.findIndex(
      ({ date, there }) =>
        daysBetween(start, date) * 24 * HOUR + Math.max(...there.map(({ minutes }) => minutes)) >= ending,
    ) + 1;
  return Math.max(1, byHands, byWaits);
}
