import { addDays, weekOf } from '../site/calendar-days';
import { manMinutes } from './left';
import type { Before, Weekends } from './weekends';

/** What is met before a day may lie so many days ahead of the week it is for. */
const AHEAD_DAYS = 7;

/**
 * The work of some weeks alone, each by its Monday: their days, what is done on them, and what has to be seen to for
 * that. None is all of them.
 * @example onWeeks(weekends, new Set(['2027-02-15'])).days
 */
export function onWeeks(weekends: Weekends, weeks: ReadonlySet<string>): Weekends {
  if (weeks.size === 0) return weekends;
  const isIn = (date: string): boolean => weeks.has(weekOf(date));
  const placed = weekends.schedule.placed.filter(({ date }) => isIn(date));
  const done = new Set(placed.map(({ task }) => task));
  const tasks = weekends.tasks.filter(({ id }) => done.has(id));
  const touched = new Set(tasks.map(({ structure }) => structure));
  const standings = weekends.structures.filter(({ structure }) => touched.has(structure));
  const begun = new Set(
    standings.filter(({ firstDay }) => firstDay !== null && isIn(firstDay)).map(({ structure }) => structure),
  );
  const ended = new Set(
    standings.filter(({ doneOn }) => doneOn !== null && isIn(doneOn)).map(({ structure }) => structure),
  );
  const before = weekends.before.flatMap((one): Before[] => {
    switch (one.what) {
      case 'services': {
        const digs = one.digs.filter(isIn);
        const structures = one.structures.filter((id) => touched.has(id));
        return digs.length > 0 ? [{ ...one, digs, structures }] : [];
      }
      case 'tool': {
        const days = one.days.filter(isIn);
        return days.length > 0 ? [{ ...one, days }] : [];
      }
      case 'brought':
        return [...weeks].some((week) => one.by >= addDays(week, -AHEAD_DAYS) && one.by < addDays(week, 7))
          ? [one]
          : [];
      default: {
        const structures = one.structures.filter((id) => begun.has(id));
        return structures.length > 0 ? [{ ...one, structures }] : [];
      }
    }
  });
  return {
    ...weekends,
    tasks,
    schedule: { ...weekends.schedule, placed },
    days: weekends.days.filter(({ date }) => isIn(date)),
    structures: standings,
    before,
    minutes: manMinutes(tasks),
    withPlants: weekends.withPlants.flatMap(({ on, structures }) => {
      const own = structures.filter((id) => ended.has(id));
      return own.length > 0 ? [{ on, structures: own }] : [];
    }),
  };
}

/** The weeks of some weekends in their order, each by its Monday, with its days. */
export function weeksIn({ days }: Pick<Weekends, 'days'>): { week: string; days: Weekends['days'] }[] {
  const by = new Map<string, Weekends['days'][number][]>();
  for (const day of days) by.set(weekOf(day.date), [...(by.get(weekOf(day.date)) ?? []), day]);
  return [...by].map(([week, own]) => ({ week, days: own }));
}
