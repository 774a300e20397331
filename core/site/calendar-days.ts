import { UTCDateMini } from '@date-fns/utc';
import { addDays as daysOn, differenceInCalendarDays, lightFormat, setDayOfYear } from 'date-fns';

const asDate = (day: string): Date => {
  const [year = 2026, month = 1, date = 1] = day.split('-').map(Number);
  return new UTCDateMini(year, month - 1, date);
};
const written = (date: Date): string => lightFormat(date, 'yyyy-MM-dd');

/** A day so many later. @example addDays('2027-02-27', 2) // '2027-03-01' */
export const addDays = (day: string, days: number): string => written(daysOn(asDate(day), days));

/** How many days from one to another. @example daysBetween('2027-02-27', '2027-03-01') // 2 */
export const daysBetween = (from: string, to: string): number => differenceInCalendarDays(asDate(to), asDate(from));

/** The day of the week, 0 on Sunday. @example weekdayOf('2027-03-06') // 6 */
export const weekdayOf = (day: string): number => asDate(day).getDay();

/** The Monday of a day's week. @example weekOf('2027-03-07') // '2027-03-01' */
export const weekOf = (day: string): string => addDays(day, -((weekdayOf(day) + 6) % 7));

/** The day of a year so many after 1 January. @example dayIn(2027, 0) // '2027-01-01' */
export const dayIn = (year: number, day: number): string =>
  written(setDayOfYear(new UTCDateMini(year, 0), Math.round(day) + 1));

/** Milliseconds of UTC at which a day begins. */
export const startMs = (day: string): number => asDate(day).getTime();

/** Whether a calendar has such a day. @example isDay('2027-02-29') // false */
export const isDay = (day: string): boolean => written(asDate(day)) === day;

/** An instant as the calendar and the clock of UTC show it: year, month, day, hour, minute. */
export function toMinute(ms: number): [number, number, number, number, number] {
  const at = new UTCDateMini(ms);
  return [at.getFullYear(), at.getMonth() + 1, at.getDate(), at.getHours(), at.getMinutes()];
}
