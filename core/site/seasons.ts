/**
 * Seasons are told by the year in which they begin. In the north that is the year they are in; in the south they begin
 * in spring and go on into the next year.
 */

const isSouth = (latitudeDeg: number): boolean => latitudeDeg < 0;

/** From this month on the next season is planned (from memory). */
const PLANNED_FROM = { north: 9, south: 5 };

/** The season that is planned in a month (January is 1) of a year. @example seasonAhead(2026, 11, 52) // 2027 */
export function seasonAhead(year: number, month: number, latitudeDeg: number): number {
  if (isSouth(latitudeDeg)) return month >= PLANNED_FROM.south ? year : year - 1;
  return month >= PLANNED_FROM.north ? year + 1 : year;
}

/** What is cleared until then has not grown in the season that begins in that year (from memory). */
const CLEARED_TO = { north: 3, south: 9 };

/** The last season in which something grew that was cleared on a day. @example lastSeason('2028-02-10', 52) // 2027 */
export function lastSeason(day: string, latitudeDeg: number): number {
  const [year = 0, month = 1] = day.split('-').map(Number);
  return month <= (isSouth(latitudeDeg) ? CLEARED_TO.south : CLEARED_TO.north) ? year - 1 : year;
}

/** A season as it is written. @example seasonName(2027, -37) // '2027–28' */
export const seasonName = (year: number, latitudeDeg: number): string =>
  isSouth(latitudeDeg) ? `${year}–${String(year + 1).slice(2)}` : String(year);

/** The first of the month in which gardeners begin to build for a season: March in the north, August in the south (from memory). @example seasonOpens(plan) // '2027-03-01' */
export const seasonOpens = ({ garden, site }: { garden: { year: number }; site: { latitudeDeg: number } }): string =>
  `${garden.year}-${isSouth(site.latitudeDeg) ? '08' : '03'}-01`;
