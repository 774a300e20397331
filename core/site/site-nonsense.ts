import type { Site } from './plot';
import { isZone } from './sun/clock';
import { dayOfYear } from './sun/season';

/** Fewer days than this between the last frost and the first are no season (from memory). */
const LEAST_SEASON_DAYS = 30;

/** What does not make sense in a site, field by field; empty when it does. Beyond what its types and limits say. */
export function siteNonsense({ lastFrost, firstFrost, latitudeDeg, zone }: Site): { field: string; message: string }[] {
  const north = latitudeDeg >= 0;
  // In the south the last frost comes late in the year and the season runs over its end.
  const days = (dayOfYear(firstFrost) - dayOfYear(lastFrost) + (north ? 0 : 365)) % 365;
  const unknown =
    zone !== undefined && !isZone(zone)
      ? [{ field: 'zone', message: `is "${zone}", which is no time zone that is known here` }]
      : [];
  return days >= LEAST_SEASON_DAYS
    ? unknown
    : [
        ...unknown,
        {
          field: 'firstFrost',
          message: `is ${firstFrost}, ${days < 0 ? 'before' : `${days} days after`} the last frost of spring (${lastFrost}); the season between them is at least ${LEAST_SEASON_DAYS} days`,
        },
      ];
}
