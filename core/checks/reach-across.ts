import { narrows, notchOf, toPick, type Bed } from '../site/bed';
import { check, SEEN_MM } from './check';

/** No plant stands nearer to the edge of its bed: 3″ (from memory). mm. */
const EDGE_MM = 76.2;

/** Can every row of plants be picked from where one can stand, an arm away at most? Rows are across the bed, 0 being its middle; nothing is said where none grows. */
export const reachAcross = check(
  'reach-across',
  {
    says: {
      'reach.outside': 'A row stands outside the {width} wide bed.',
      'reach.far': 'The far row is {far} from where you can stand ({from}); an arm picks at {arm}.',
      'reach.never':
        'Its far row is {far} from the front, the only side of this bed you can stand at, and {best} at the best: an arm picks at {arm}. Choose one for a single row.',
      'reach.fits': 'Every row is within {far} of where you stand.',
    },
    unfit: ['reach.never'],
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
    // With its nearest row as near to the front, or to the notch, as plants stand; several on an oval stay about its middle.
    const apart = Math.max(...rowsAtMm) - Math.min(...rowsAtMm);
    const nearest = EDGE_MM + (notchOf(bed)?.deepMm ?? 0);
    const best = narrows(bed) && apart > 0 ? farthest : nearest + apart;
    if (bed.standFrom === 'front only' && best > armMm + SEEN_MM)
      return found('warn', 'reach.never', { ...values, best: { mm: best } });
    return farthest > armMm + SEEN_MM ? found('warn', 'reach.far', values) : found('good', 'reach.fits', values);
  },
);
