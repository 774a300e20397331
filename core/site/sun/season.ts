import { UTCDateMini } from '@date-fns/utc';
import { getDayOfYear, getDaysInMonth, lightFormat, setDayOfYear } from 'date-fns';

/** Any common year: the sun of one is the sun of the next to a fraction of a degree. */
export const COMMON_YEAR = 2026;

/** Days from 1 January of a "MM-DD"; a common year. */
export function dayOfYear(monthDay: string): number {
  const [month = 1, day = 1] = monthDay.split('-').map(Number);
  return getDayOfYear(new UTCDateMini(COMMON_YEAR, month - 1, day)) - 1;
}

/** The "MM-DD" of so many days from 1 January of a common year; before it and after its end it goes round. */
export const monthDayOf = (day: number): string =>
  lightFormat(setDayOfYear(new UTCDateMini(COMMON_YEAR, 0), (((Math.round(day) % 365) + 365) % 365) + 1), 'MM-dd');

/** How many days a month has, counted from 1. @example daysIn(2028, 2) // 29 */
export const daysIn = (year: number, month: number): number => getDaysInMonth(new UTCDateMini(year, month - 1));

/** Share of the sun a full leaf wall takes (from memory). */
export const LEAFY_OPACITY = 0.75;
