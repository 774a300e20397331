import { counted } from '@lignum/core/crops/counted';
import { cropIn } from '@lignum/core/crops/book';
import type { Crop, Habit } from '@lignum/core/crops/crop';
import { trainingOf } from '@lignum/core/crops/table';
import type { Planting } from '@lignum/core/plan/plan';

export const HABIT_WORDS: Record<Habit, string> = {
  'tendril-thin': 'Climbs by thin tendrils: wants fine mesh or close strings from the soil up.',
  'tendril-strong': 'Climbs by strong tendrils: holds wide mesh or string.',
  twiner: 'Twines: climbs poles, strings and wires.',
  leaner: 'Does not climb: has to be tied or wound.',
  bush: 'A bush: a short cage, or a panel down to the soil.',
  none: 'Does not climb; may want a net against birds or insects.',
};

/** "14 tomatoes, pruned to one or two leaders" */
export function plantingWords(planting: Planting, own: readonly Crop[]): string {
  const crop = cropIn(own, planting.crop);
  return `${counted(crop, planting.count)}, ${trainingOf(crop, planting.training).name}`;
}
