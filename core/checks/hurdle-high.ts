import { inches } from '../quantity/length';
import { check, SEEN_MM } from './check';

/** So much of a post may stand over the hurdles (from memory). mm. */
const OVER_MM = inches(3);

/** Do hurdles, which are woven in a few heights, end where the posts do? `topMm` is theirs over the soil. mm. */
export const hurdleHigh = check(
  'hurdle-high',
  {
    says: {
      'hurdle.over': 'The hurdles end {top} over the soil, and the fence is to be {high}: nothing holds their tops.',
      'hurdle.short': 'The hurdles end {top} over the soil, and the fence is to be {high}: above them it stays open.',
      'hurdle.fits': 'The hurdles end where the posts do.',
    },
    mends: { 'hurdle.over': 'Make it as high as they are', 'hurdle.short': 'Make it as high as they are' },
  },
  ({ topMm, highMm }: { topMm: number; highMm: number }, found) => {
    const values = { top: { mm: topMm }, high: { mm: highMm } };
    if (topMm > highMm + SEEN_MM) return found('warn', 'hurdle.over', values);
    return topMm < highMm - OVER_MM ? found('note', 'hurdle.short', values) : found('good', 'hurdle.fits', values);
  },
);
