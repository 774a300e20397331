import type { Plan } from '@lignum/core/plan/plan';
import { feet, inches, type Units } from '@lignum/core/quantity/length';
import type { Bed } from '@lignum/core/site/bed';
import type { Placed } from '@lignum/core/site/plot';
import { freeGround } from '@lignum/core/site/free';
import { newId } from '../../kept/new-id';

/** A new bed of a usual size, in round lengths of who makes it, on free ground. */
export function newBed(plan: Plan, units: Units = plan.garden.market): Bed {
  const bed = blankBed(units, plan.beds.length + 1);
  return { ...bed, ...freeSpot(plan, bed) };
}

/**
 * The first free place on the plot, row by row from the lower left, with room to walk to its edge where there is one; the
 * middle where there is none.
 */
export function freeSpot(plan: Plan, bed: Pick<Bed, 'id' | 'lengthMm' | 'widthMm'>): Placed {
  const { widthMm, depthMm } = plan.site;
  const isFree = freeGround(plan);
  for (const besideMm of [EDGE_MM, 0])
    for (const turnDeg of [90, 0]) {
      const [along, across] = turnDeg === 90 ? [bed.widthMm, bed.lengthMm] : [bed.lengthMm, bed.widthMm];
      const [inX, inY] = [along / 2 + besideMm, across / 2 + besideMm];
      for (let yMm = SEARCH_MM; yMm < depthMm; yMm += SEARCH_MM)
        for (let xMm = SEARCH_MM; xMm < widthMm; xMm += SEARCH_MM)
          if (
            Math.min(xMm, widthMm - xMm) >= inX &&
            Math.min(yMm, depthMm - yMm) >= inY &&
            isFree(bed, { xMm, yMm, turnDeg })
          )
            return { xMm, yMm, turnDeg };
    }
  return { xMm: widthMm / 2, yMm: depthMm / 2, turnDeg: 90 };
}
/** To walk and to kneel between a bed and the edge of the plot. mm. */
const EDGE_MM = 600;
const SEARCH_MM = 250;

/** Left at both ends of a bed that the plot is made as long as. mm. */
const PAST_BED_MM = 1000;

/** The plot with a bed on it: of what is longer than the plot it follows that the plot is larger than was thought. */
function siteFor({ site }: Plan, { lengthMm }: Bed): Plan['site'] {
  return lengthMm <= Math.max(site.widthMm, site.depthMm) ? site : { ...site, depthMm: lengthMm + 2 * PAST_BED_MM };
}

/** Adds a new bed where there is room for it, on a plot that is made as long as it where it was not: told by {@link grownWords}. */
export const addBed =
  (bed: Bed) =>
  (plan: Plan): Plan => {
    const there = { ...plan, site: siteFor(plan, bed) };
    const placed = freeGround(there)(bed, bed) ? bed : { ...bed, ...freeSpot(there, bed) };
    return { ...there, beds: [...plan.beds, placed] };
  };

/** What is said where the plot was made longer for a bed; null where it was not. */
export function grownWords(plan: Plan, bed: Bed, length: (mm: number) => string): string | null {
  const site = siteFor(plan, bed);
  return site === plan.site
    ? null
    : `The plot was made ${length(site.depthMm)} deep: ${bed.name} is longer than it was.`;
}

/** A free place on open ground for what has no bed. */
export const openSpot = (plan: Plan): Placed => freeSpot(plan, { id: '', lengthMm: SPOT_MM, widthMm: SPOT_MM });
/** Room looked for on open ground. mm. */
const SPOT_MM = 2400;

const blankBed = (units: Units, number: number): Bed => ({
  xMm: 0,
  yMm: 0,
  turnDeg: 90,
  grew: [],
  id: `bed-${newId()}`,
  name: `Bed ${number}`,
  lengthMm: units === 'imperial' ? feet(16) : 5000,
  widthMm: units === 'imperial' ? feet(3) : 900,
  heightMm: units === 'imperial' ? inches(11) : 280,
  fill: 'loose',
  outline: { shape: 'rectangle' },
  standFrom: 'both sides',
  riseMm: 0,
  soil: 'loam',
  wind: 'usual',
  note: '',
});
