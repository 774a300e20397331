import type { Bed } from './bed';

/** What does not make sense in a bed, field by field; empty when it does. Beyond what its types and limits say. */
export const bedNonsense = (bed: Bed): { field: string; message: string }[] =>
  Math.abs(bed.riseMm) > bed.lengthMm / 2
    ? [{ field: 'riseMm', message: `is ${bed.riseMm}; the most is half the bed's length, ${bed.lengthMm / 2}` }]
    : [];
