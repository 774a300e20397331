import { toPick, type Bed } from '../site/bed';
import { check, SEEN_MM } from './check';

/** Can every row of plants be picked from where one can stand, an arm away at most? Rows are across the bed, 0 being its middle; nothing is said where none grows. */
export const reachAcross = check(
  'reach-across',
  {
    says: {
      'reach.outside': 'A row stands outside the {width} wide bed.',
      'reach.far': 'The far row is {far} from where you can stand ({from}); an arm picks at {arm}.',
      'reach.fits': 'Every row is within {far} of where you stand.',
    },
    mends: {
      'reach.far': 'Move the row within an arm’s length',
      'reach.outside': 'Back to the middle of the bed',
    },
  },
  ({ rowsAtMm, bed, armMm }: { rowsAtMm: readonly number[]; bed: Bed; armMm: number }, found) => {
    if (rowsAtMm.length === 0) return null;
    const distances = rowsAtMm.map((y) => toPick(bed, y));
    const farthest = Math.max(...distances);
    const values = { far: { mm: Math.max(0, farthest) }, arm: { mm: armMm }, from: bed.standFrom };
    if (Math.min(...distances) < -SEEN_MM) return found('fail', 'reach.outside', { width: { mm: bed.widthMm } });
    return farthest > armMm + SEEN_MM ? found('warn', 'reach.far', values) : found('good', 'reach.fits', values);
  },
);
