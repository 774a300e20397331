import { cropBook } from '@lignum/core/crops/book';
import type { Crop, Habit } from '@lignum/core/crops/crop';

export const HABIT_WORDS: Record<Habit, string> = {
  'tendril-thin': 'Climbs by thin tendrils: wants fine mesh or close strings from the soil up.',
  'tendril-strong': 'Climbs by strong tendrils: holds wide mesh or string.',
  twiner: 'Twines: climbs poles, strings and wires.',
  leaner: 'Does not climb: has to be tied or wound.',
  bush: 'A bush: a short cage, or a panel down to the soil.',
  none: 'Does not climb; may want a net against birds or insects.',
};

const HABIT_HEADINGS: Record<Habit, string> = {
  'tendril-thin': 'Climb by thin tendrils',
  'tendril-strong': 'Climb by strong tendrils',
  twiner: 'Twine',
  leaner: 'Are tied or wound',
  bush: 'Bushes',
  none: 'Do not climb',
};

/** The crops to choose from, under how they climb. */
export const cropChoices = (own: readonly Crop[]) =>
  cropBook(own).map((crop) => ({ id: crop.id, label: crop.name, group: HABIT_HEADINGS[crop.habit] }));
