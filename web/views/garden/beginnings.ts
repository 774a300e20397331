import type { Crop } from '@lignum/core/crops/crop';
import { cropIn } from '@lignum/core/crops/book';
import { countOf } from '@lignum/core/crops/planted';
import { closestTraining } from '@lignum/core/crops/table';
import type { Planting } from '@lignum/core/plan/plan';
import type { Bed } from '@lignum/core/site/bed';
import { stationsAlong } from '@lignum/core/structures/rules/stations';
import { newId } from '../../kept/new-id';

/** How many plants fill a length, each owning its stretch of it. */
export const plantsFilling = (lengthMm: number, spacingMm: number): number =>
  stationsAlong(lengthMm, spacingMm, 'inset').length;

/** What a planter is begun with: strawberries, which suit it best (common practice, no source). */
export const planterPlanting = (planter: string, count: number, year: number): Planting => ({
  id: `planting-${newId()}`,
  bed: planter,
  crop: 'strawberry',
  training: closestTraining(cropIn([], 'strawberry')).id,
  count,
  year,
});

/** As many plants as the bed has room for in one row. */
export function newPlanting(
  bed: Pick<Bed, 'id' | 'lengthMm'>,
  year: number,
  crop: Crop = cropIn([], 'tomato'),
): Planting {
  const training = crop.trainings[0];
  return {
    id: `planting-${newId()}`,
    bed: bed.id,
    crop: crop.id,
    training: training?.id ?? '',
    count: plantsFilling(bed.lengthMm, training?.spacingMm ?? bed.lengthMm),
    year,
  };
}

/** What stands over a way is planted along both its feet: cucumbers along the one that carries fewer plants, as many as the arch is long for. */
export function plantingAlong(
  beds: readonly [Pick<Bed, 'id'>, Pick<Bed, 'id'>],
  carried: readonly Planting[],
  longMm: number,
  year: number,
): Planting {
  const along = ({ id }: Pick<Bed, 'id'>): number => countOf(carried.filter((one) => one.bed === id));
  const { id } = along(beds[1]) < along(beds[0]) ? beds[1] : beds[0];
  return newPlanting({ id, lengthMm: longMm }, year, cropIn([], 'cucumber'));
}
