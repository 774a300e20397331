import { daysBetween } from '../site/calendar-days';
import { longestOf, type WorkDay } from './days';
import { SET_UP_MIN } from './rates';
import { begunFirstMin, SHARED, type Task } from './task';

const DAY_MIN = 24 * 60;

/** The fewest of these days in which all could be done: no order needs fewer. */
export function leastDaysOf(tasks: readonly Task[], days: readonly WorkDay[]): number {
  if (tasks.length === 0) return 0;
  // What is longer than some day may be done on one however long that gets: of it no more is counted than anybody has.
  const shortest = Math.min(...days.map(longestOf));
  const room = Math.min(...days.flatMap(({ there }) => there.map(({ minutes }) => minutes)));
  const counts = (task: Task): number =>
    begunFirstMin(task) > shortest ? Math.min(task.minutes, Math.max(0, room - SET_UP_MIN)) : task.minutes;
  const all = tasks.reduce((sum, task) => sum + counts(task) * task.people, 0);
  const together = tasks.reduce((sum, task) => sum + (task.people === 2 ? counts(task) : 0), 0);
  let [has, hasTwo, byHands] = [0, 0, days.length];
  for (const [i, { there }] of days.entries()) {
    const own = there.map(({ minutes }) => Math.max(0, minutes - SET_UP_MIN));
    const sum = own.reduce((all, minutes) => all + minutes, 0);
    has += sum;
    // Two at a time: no more than half of all, and nobody with themselves.
    hasTwo += Math.min(sum / 2, sum - Math.max(...own));
    if (has >= all && hasTwo >= together) {
      byHands = i + 1;
      break;
    }
  }
  const isForTwo = days.some(({ there }) => there.length > 1);
  // Without end of hands: each as soon as what is before it and its wait allow.
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const ends = new Map<string, number>();
  const endOf = (id: string): number => {
    const known = ends.get(id);
    if (known !== undefined) return known;
    const task = byId.get(id) as Task;
    const end =
      Math.max(0, ...task.after.map((before) => endOf(before) + (byId.get(before)?.waitHours ?? 0) * 60)) +
      counts(task) * (task.shared && isForTwo ? SHARED : 1);
    ends.set(id, end);
    return end;
  };
  const start = days[0]?.date ?? '';
  const ending = Math.max(...tasks.map(({ id }) => endOf(id)));
  const byWaits = days.findIndex((day) => daysBetween(start, day.date) * DAY_MIN + longestOf(day) >= ending) + 1;
  return Math.max(1, byHands, byWaits);
}
