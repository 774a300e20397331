import type { Plan } from '@lignum/core/plan/plan';
import { feet, inches, type Units } from '@lignum/core/quantity/length';
import type { Bed } from '@lignum/core/site/bed';
import type { Placed } from '@lignum/core/site/plot';
import { freeGround, freePlace } from '@lignum/core/site/free';
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
export const freeSpot = (plan: Plan, bed: Pick<Bed, 'id' | 'lengthMm' | 'widthMm'>): Placed =>
  freePlace(plan, bed, { besideMm: [EDGE_MM, 0], turnsDeg: [90, 0] }) ?? {
    xMm: plan.site.widthMm / 2,
    yMm: plan.site.depthMm / 2,
    turnDeg: 90,
  };

/** To walk and to kneel between a bed and the edge of the plot. mm. */
const EDGE_MM = 600;

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
