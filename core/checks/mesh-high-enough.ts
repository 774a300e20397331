import { check, SEEN_MM } from './check';

/** Is the roll as high as what it covers, with what goes into the soil? mm. */
export const meshHighEnough = check(
  'mesh-high-enough',
  {
    says: {
      'roll.low': 'The roll is {roll} high; {above} over the soil and {below} in it or along it take {wants}.',
      'roll.short': 'The roll is {roll} high and is to cover {above}: the rest stays open.',
      'roll.enough': 'The roll is high enough: {above} over the soil, {below} in it or along it.',
    },
    mends: { 'roll.low': 'Lower it to the roll', 'roll.short': 'Lower it to the roll' },
  },
  ({ rollMm, aboveMm, belowMm }: { rollMm: number; aboveMm: number; belowMm: number }, found) => {
    const values = {
      roll: { mm: rollMm },
      above: { mm: aboveMm },
      below: { mm: belowMm },
      wants: { mm: aboveMm + belowMm },
    };
    return aboveMm + belowMm > rollMm + SEEN_MM
      ? found('fail', belowMm > SEEN_MM ? 'roll.low' : 'roll.short', values)
      : found('good', 'roll.enough', values);
  },
);
