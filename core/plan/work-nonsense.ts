import { isDay } from '../site/calendar-days';
import type { Work } from './plan';

/** What does not make sense in who works when, field by field: days that no calendar has. */
export function workNonsense(work: Work | undefined): { field: string; message: string }[] {
  if (!work) return [];
  const days = [
    { field: 'from', day: work.from },
    ...work.off.map((day, i) => ({ field: `off/${i}`, day })),
    ...work.fixed.map(({ date }, i) => ({ field: `fixed/${i}/date`, day: date })),
    ...(work.lent ?? []).flatMap(({ days }, i) => days.map((day, k) => ({ field: `lent/${i}/days/${k}`, day }))),
    ...(work.brought ?? []).map(({ date }, i) => ({ field: `brought/${i}/date`, day: date })),
    ...work.took.map(({ date }, i) => ({ field: `took/${i}/date`, day: date })),
  ];
  return days.flatMap(({ field, day }) =>
    isDay(day) ? [] : [{ field, message: `is ${day}, which is no day of the calendar` }],
  );
}
