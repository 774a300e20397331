import type { Crop } from '@lignum/core/crops/crop';
import { cropIn } from '@lignum/core/crops/book';
import type { Plan, Planting, StructurePlan } from '@lignum/core/plan/plan';
import { feet, inches, type Units } from '@lignum/core/quantity/length';
import type { Bed } from '@lignum/core/site/bed';
import type { Placed } from '@lignum/core/site/plot';
import { isFree } from '@lignum/core/site/sun/positions';
import { kindOf } from '@lignum/core/structures/registry';

const newId = (): string => crypto.randomUUID().slice(0, 8);

/** What a new bed, planting or support is before anything has been said about it. */
export function newBed(plan: Plan): Bed {
  const { units } = plan.garden;
  const bed = blankBed(units, plan.beds.length + 1);
  return { ...bed, ...freeSpot(plan, bed) };
}

/** The first free place on the plot, row by row from the lower left; the middle where there is none. */
export function freeSpot(plan: Plan, bed: Bed): Placed {
  const { widthMm, depthMm } = plan.site;
  for (const turnDeg of [90, 0]) {
    for (let yMm = SEARCH_MM; yMm < depthMm; yMm += SEARCH_MM) {
      for (let xMm = SEARCH_MM; xMm < widthMm; xMm += SEARCH_MM) if (isFree(plan, bed, { xMm, yMm, turnDeg })) return { xMm, yMm, turnDeg };
    }
  }
  return { xMm: widthMm / 2, yMm: depthMm / 2, turnDeg: 90 };
}
const SEARCH_MM = 250;

const blankBed = (units: Units, number: number): Bed => ({
  xMm: 0, yMm: 0, turnDeg: 90, grewBefore: ['', '', ''],
  id: `bed-${newId()}`, name: `Bed ${number}`, lengthMm: units === 'imperial' ? feet(16) : 5000, widthMm: units === 'imperial' ? feet(3) : 900, heightMm: units === 'imperial' ? inches(11) : 280,
  standFrom: 'both sides', riseMm: 0, soil: 'loam', wind: 'usual', note: '',
});

/** As many plants as the bed has room for in one row. */
export function newPlanting(bed: Bed, crop: Crop = cropIn([], 'tomato')): Planting {
  const training = crop.trainings[0];
  return { id: `planting-${newId()}`, bed: bed.id, crop: crop.id, training: training?.id ?? '', count: Math.max(1, Math.floor(bed.lengthMm / (training?.spacingMm ?? bed.lengthMm))) };
}

export const newStructure = (kind: string, bed: Bed, plantings: readonly string[]): StructurePlan => ({
  id: `support-${newId()}`, kind, name: `${kindOf(kind).name.split(' on ')[0]}, ${bed.name}`.slice(0, 80), bed: bed.id, plantings, knobs: {},
});
