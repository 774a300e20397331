import type { Tool } from '../building/tools';
import { daysBetween } from '../site/calendar-days';
import { longestOf, type WorkDay } from './days';
import { SET_UP_MIN, TOOL_MIN } from './rates';
import { begunFirstMin, largeOf, minutesFor, type Task } from './task';

/** A task on its day: when it begins and ends, in minutes from the day's beginning, and who does it. */
export interface Placed {
  task: string;
  date: string;
  from: number;
  to: number;
  people: readonly string[];
}

/** By what it is decided which of the tasks that can be begun is taken. */
export interface Order {
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
  /** What two can share they do: never, where one of them finds nothing else, or always. */
  shares: 'never' | 'else idle' | 'always';
}

const DAY_MIN = 24 * 60;
/** What is begun with less of the day left than this is not begun (from memory), unless it is ended too. Minutes. */
const LATE_MIN = 60;
/** Two begin together who are free within so long (from memory). Minutes. */
const AT_ONCE_MIN = 15;
/** What somebody has put on a day goes before everything else on it. */
const BY_HAND = 1e9;

/** Which tasks wait for each. */
export function followers(tasks: readonly Task[]): ReadonlyMap<string, readonly string[]> {
  const next = new Map<string, string[]>();
  for (const { id, after } of tasks) for (const before of after) next.set(before, [...(next.get(before) ?? []), id]);
  return next;
}

/** Somebody on a day: free from a minute on, until they go. */
interface Hand {
  name: string;
  free: number;
  until: number;
  isSetUp: boolean;
}

/** A task as it could be done next: how much it weighs, by whom, from when to when. */
interface Could {
  task: Task;
  weighs: number;
  who: readonly Hand[];
  from: number;
  to: number;
}

/** What is longer than any hand has that day is done on one by itself, however long that gets. */
const alone = (task: Task, day: WorkDay, begins: number): boolean =>
  begins === 0 && begunFirstMin(task) > longestOf(day);

/** Whether a day is one on which a task may be done at all. */
const mayBeOn = (task: Task, day: WorkDay, stays: string | undefined): boolean =>
  (stays === undefined || day.date >= stays) &&
  (task.notBefore === null || day.date >= task.notBefore) &&
  (task.onlyOn === null || task.onlyOn.includes(day.date)) &&
  (!task.pours || day.poursWell) &&
  (!task.digs || day.open);

/** Tasks on days, the weightiest that can be done first, whenever somebody is free. @param fixed days on which tasks stay; where one cannot be begun then, it comes as soon as it can */
export function place(
  tasks: readonly Task[],
  days: readonly WorkDay[],
  fixed: ReadonlyMap<string, string>,
  { weight, sticks, goesOn, neat, idle, shares }: Order,
): { placed: Placed[]; homeless: string[] } {
  const next = followers(tasks);
  const left = new Map(tasks.map((task) => [task.id, { task, weight: weight(task), waits: task.after.length }]));
  /** When each may be begun: minutes from the beginning of the first day, day and night. */
  const readyAt = new Map<string, number>();
  const ready = new Set(tasks.filter(({ after }) => after.length === 0).map(({ id }) => id));
  const placed: Placed[] = [];
  const begun = new Set<string>();
  const total = new Map<string, number>();
  for (const { structure, minutes } of tasks) total.set(structure, (total.get(structure) ?? 0) + minutes);

  for (const day of days) {
    if (left.size === 0) break;
    const since = daysBetween(days[0]?.date ?? day.date, day.date) * DAY_MIN;
    const hands = day.there.map((one): Hand => ({ name: one.name, free: 0, until: one.minutes, isSetUp: false }));
    const out = new Set<Tool>();
    /** A task as it could be done by who is free first; null where it cannot be on this day. */
    const could = (id: string, free: readonly Hand[], together = false): Could | null => {
      const one = left.get(id);
      if (!one) return null;
      const { task } = one;
      const stays = fixed.get(id);
      const who = free.slice(0, together ? 2 : task.people);
      if (who.length < task.people || !mayBeOn(task, day, stays)) return null;
      const begins = Math.max(...who.map((hand) => hand.free), (readyAt.get(id) ?? 0) - since, 0);
      const until = Math.min(...who.map((hand) => hand.until));
      const large = largeOf(task);
      const from =
        begins +
        (who.some(({ isSetUp }) => !isSetUp) ? SET_UP_MIN : 0) +
        large.filter((tool) => !out.has(tool)).length * TOOL_MIN;
      const to = from + minutesFor(task, who.length);
      if (to > until && (together || !alone(task, day, begins))) return null;
      const isBegun = begun.has(task.structure);
      const tooLate = until - begins < Math.min(LATE_MIN, total.get(task.structure) ?? 0);
      if (neat && stays === undefined && !isBegun && tooLate) return null;
      // What can be begun at once goes before what has to be waited for.
      const weighs =
        one.weight +
        (large.some((tool) => out.has(tool)) ? sticks : 0) +
        (isBegun ? goesOn : 0) +
        (stays === undefined ? 0 : BY_HAND) -
        (begins - (free[0]?.free ?? 0)) * idle;
      return { task, weighs, who, from, to };
    };
    for (;;) {
      const free = hands.filter((hand) => hand.free < hand.until).toSorted((a, b) => a.free - b.free);
      const [first] = free;
      if (!first) break;
      const weightiest = (of: readonly Hand[], but?: string): Could | null => {
        let most: Could | null = null;
        for (const id of ready) {
          const one = id === but ? null : could(id, of);
          if (one && (!most || one.weighs > most.weighs)) most = one;
        }
        return most;
      };
      let best = weightiest(free);
      const [, second] = free;
      // Whoever would stand about meanwhile takes half of what can be halved.
      if (best?.task.shared && shares !== 'never' && second && second.free - first.free <= AT_ONCE_MIN) {
        const other = shares === 'always' ? null : weightiest([second, ...free.slice(2)], best.task.id);
        if (!other || other.from - second.free > LATE_MIN) best = could(best.task.id, free, true) ?? best;
      }
      if (!best) {
        // Who is free first finds nothing: they wait for the next who is free, or go home.
        first.free = free.find((hand) => hand.free > first.free)?.free ?? first.until;
        continue;
      }
      const { task, who, from, to } = best;
      for (const hand of who) {
        hand.free = to;
        hand.isSetUp = true;
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
        readyAt.set(id, Math.max(readyAt.get(id) ?? 0, since + to + task.waitHours * 60));
        if (--one.waits === 0) ready.add(id);
      }
    }
  }
  return { placed, homeless: [...left.keys()] };
}
