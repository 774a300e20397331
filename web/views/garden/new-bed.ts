import type { Plan } from '@lignum/core/plan/plan';
import { feet, inches, type Units } from '@lignum/core/quantity/length';
import type { Bed } from '@lignum/core/site/bed';
import type { Placed } from '@lignum/core/site/plot';
import { isFree } from '@lignum/core/shade/positions';
import { newId } from '../../kept/new-id';

/** A new bed of a usual size, in round lengths of who makes it, on free ground. */
export function newBed(plan: Plan, units: Units = plan.garden.market): Bed {
  const bed = blankBed(units, plan.beds.length + 1);
  return { ...bed, ...freeSpot(plan, bed) };
}

/** The first free place on the plot, row by row from the lower left; the middle where there is none. */
export function freeSpot(plan: Plan, bed: Pick<Bed, 'id' | 'lengthMm' | 'widthMm'>): Placed {
  const { widthMm, depthMm } = plan.site;
  for (const turnDeg of [90, 0]) {
    for (let yMm = SEARCH_MM; yMm < depthMm; yMm += SEARCH_MM) {
      for (let xMm = SEARCH_MM; xMm < widthMm; xMm += SEARCH_MM)
        if (isFree(plan, bed, { xMm, yMm, turnDeg })) return { xMm, yMm, turnDeg };
    }
  }
  return { xMm: widthMm / 2, yMm: depthMm / 2, turnDeg: 90 };
}
const SEARCH_MM = 250;

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
