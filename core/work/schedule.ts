import { daysBetween, startMs } from '../site/calendar-days';
import { leastDaysOf } from './bound';
import type { WorkDay } from './days';
import { followers, place, type Order, type Placed } from './place';
import type { Task } from './task';

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
  const next = followers(tasks);
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const known = new Map<string, number>();
  const of = (id: string): number => {
    const before = known.get(id);
    if (before !== undefined) return before;
    const task = byId.get(id) as Task;
    const tail = task.minutes + task.waitHours * 60 + Math.max(0, ...(next.get(id) ?? []).map(of));
    known.set(id, tail);
    return tail;
  };
  for (const { id } of tasks) of(id);
  return known;
}

/** Fewer that find no day, then less that is late, then fewer days, then sooner done. */
function isBetter(a: Schedule, b: Schedule): boolean {
  for (const of of [
    (one: Schedule) => one.homeless.length,
    (one: Schedule) => one.lateDays,
    (one: Schedule) => one.days,
    (one: Schedule) => one.placed.reduce((sum, { date, to }) => sum + startMs(date) / 60_000 + to, 0),
  ])
    if (of(a) !== of(b)) return of(a) < of(b);
  return false;
}

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
    shares: 'else idle',
  });
  const tryOne = (order: Order): void => {
    const one = made(order);
    if (isBetter(one, best)) best = one;
  };
  const anyShared = tasks.some(({ shared }) => shared);
  if (tasks.length <= ALL_ORDERS) {
    for (const order of permutations(tasks.map(({ id }) => id))) {
      const rank = new Map(order.map((id, i) => [id, -i]));
      for (const shares of anyShared ? (['never', 'always'] as const) : (['never'] as const))
        tryOne({ weight: (task) => rank.get(task.id) ?? 0, sticks: 0, goesOn: 0, neat: false, idle: 0, shares });
    }
    return best;
  }
  tryOne({
    weight: (task) => tail.get(task.id) ?? 0,
    sticks: 1e3,
    goesOn: 1e3,
    neat: true,
    idle: 1e5,
    shares: 'never',
  });
  tryOne({
    weight: (task) => (tail.get(task.id) ?? 0) + (task.people - 1) * 1e4,
    sticks: 600,
    goesOn: 600,
    neat: true,
    idle: 1e5,
    shares: 'else idle',
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
      shares: anyShared
        ? ((['never', 'else idle', 'else idle', 'always'] as const)[Math.floor(next() * 4)] ?? 'never')
        : 'never',
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

function measured(
  tasks: readonly Task[],
  days: readonly WorkDay[],
  { placed, homeless }: { placed: Placed[]; homeless: string[] },
  leastDays: number,
): Schedule {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const done = new Map<string, { on: string; due: string | null }>();
  for (const { task, date } of placed) {
    const one = byId.get(task);
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
