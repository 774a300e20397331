import type { Crop } from '@lignum/core/crops/crop';
import { cropIn } from '@lignum/core/crops/book';
import { countOf } from '@lignum/core/crops/planted';
import { closestTraining } from '@lignum/core/crops/table';
import type { SeenStructure } from '@lignum/core/plan/compute-as';
import type { Planting } from '@lignum/core/plan/plan';
import type { Bed } from '@lignum/core/site/bed';
import { asPlace } from '@lignum/core/site/stands/stands';
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

/** What is begun with on what stands: as much as a planter still holds; along the feet of what stands over a way; a row in a bed. */
export function plantingOn(
  { structure, setting, sized }: SeenStructure,
  bed: Pick<Bed, 'id' | 'lengthMm'>,
  here: readonly Planting[],
  year: number,
): Planting {
  const { roomFor, builtMm } = sized.design;
  if (roomFor !== undefined) return planterPlanting(bed.id, Math.max(1, roomFor - countOf(here)), year);
  const over = asPlace(setting.place, 'beds');
  if (!over) return newPlanting(bed, year);
  const carried = here.filter((one) => structure.plantings.includes(one.id));
  return plantingAlong(over.beds, carried, builtMm, year);
}
