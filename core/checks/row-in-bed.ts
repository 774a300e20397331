import type { Bed } from '../site/bed';
import type { Design } from '../design/design';
import { check, SEEN_MM } from './check';

/** What is built shorter than asked by less than this needs no reason (from memory). mm. */
const STEP_SEEN_MM = 25;

/** Does the row fit its bed, and is it as long as it was meant to be? `startMm` is where it begins, from the near end. */
export const rowInBed = check(
  'row-in-bed',
  {
    says: {
      'row.past-bed': 'At {row} it runs {over} past the end of the bed.',
      'row.steps': 'Of {asked}, whole meshes of {step} make {row}. What is left is shared between its ends.',
      'row.short-of-bed': 'Built length {row}, {over} short of the bed.',
      'row.fills': 'The row fills the {bed} bed.',
    },
    mends: { 'row.past-bed': 'Fit it to the bed' },
  },
  ({ builtMm, startMm, bed, wish }: { builtMm: number; startMm: number; bed: Bed; wish?: Design['wish'] }, found) => {
    const long = builtMm - bed.lengthMm;
    const over = Math.max(-startMm, startMm + builtMm - bed.lengthMm);
    const values = {
      row: { mm: builtMm },
      bed: { mm: bed.lengthMm },
      over: { mm: Math.abs(over > 0 ? Math.max(over, long) : long) },
    };
    if (over > SEEN_MM) return found('warn', 'row.past-bed', values);
    if (wish && wish.askedMm - builtMm > STEP_SEEN_MM)
      return found('note', 'row.steps', { ...values, asked: { mm: wish.askedMm }, step: { mm: wish.stepMm } });
    return found('good', long < -25 ? 'row.short-of-bed' : 'row.fills', values);
  },
);
