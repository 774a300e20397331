import type { Crop } from '@lignum/core/crops/crop';
import { cropIn } from '@lignum/core/crops/book';
import { closestTraining } from '@lignum/core/crops/table';
import type { Planting } from '@lignum/core/plan/plan';
import type { Bed } from '@lignum/core/site/bed';
import { stationsAlong } from '@lignum/core/structures/rules/stations';

export const newId = (): string => crypto.randomUUID().slice(0, 8);

/** How many plants fill a length, each owning its stretch of it. */
export const plantsFilling = (lengthMm: number, spacingMm: number): number =>
  stationsAlong(lengthMm, spacingMm, 'inset').length;

/** What a planter is begun with: strawberries, which suit it best (common practice, no source). */
export const planterPlanting = (planter: string, count: number): Planting => ({
  id: `planting-${newId()}`,
  bed: planter,
  crop: 'strawberry',
  training: closestTraining(cropIn([], 'strawberry')).id,
  count,
});

/** As many plants as the bed has room for in one row. */
export function newPlanting(bed: Pick<Bed, 'id' | 'lengthMm'>, crop: Crop = cropIn([], 'tomato')): Planting {
  const training = crop.trainings[0];
  return {
    id: `planting-${newId()}`,
    bed: bed.id,
    crop: crop.id,
    training: training?.id ?? '',
    count: plantsFilling(bed.lengthMm, training?.spacingMm ?? bed.lengthMm),
  };
}
