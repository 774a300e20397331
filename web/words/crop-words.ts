import { counted } from '@lignum/core/crops/counted';
import { cropIn } from '@lignum/core/crops/book';
import type { Crop } from '@lignum/core/crops/crop';
import { trainingOf } from '@lignum/core/crops/table';
import type { Planting } from '@lignum/core/plan/plan';

/** "14 tomatoes, pruned to one or two leaders" */
export function plantingWords(planting: Planting, own: readonly Crop[]): string {
  const crop = cropIn(own, planting.crop);
  return `${counted(crop, planting.count)}, ${trainingOf(crop, planting.training).name}`;
}
