import { check } from './check';

/** Less than an hour of shadow a day is not worth a word (from memory). Hours. */
export const WORTH_SAYING_H = 1;

/** A tall row that runs east–west shades the bed on its pole side (common practice, no source). */
export const shadesNorth = check(
  'shades-north',
  {
    says: {
      'north.shaded':
        'In full leaf it takes the sun from the middle of {bed} for {hours} of {of} h on a day in the middle of the season: grow there what is content with less, or turn the row north–south.',
    },
  },
  ({ worst }: { worst: { bed: string; hours: number; of: number } | null }, found) =>
    worst && worst.hours >= WORTH_SAYING_H
      ? found('note', 'north.shaded', { bed: worst.bed, hours: tenths(worst.hours), of: tenths(worst.of) })
      : null,
);

const tenths = (hours: number): number => Math.round(hours * 10) / 10;
