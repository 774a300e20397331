import { check } from './check';

/** Does wire, rod or pipe stay springy at its tightest bend, or take a set? `yieldMm` is the radius at which it begins to. mm. */
export const bendSets = check(
  'bend-sets',
  {
    says: {
      'bend.sets':
        'Bent tighter than a radius of {yields} it stays bent for good; here it is {tight}. It will stand a little fuller than drawn, push less, and not lie straight again.',
      'bend.springs': 'Bent to a radius of {tight} at the tightest: it stays springy, since {yields} would set it.',
    },
    mends: { 'bend.sets': 'Take pipe that springs back' },
  },
  ({ tightMm, yieldMm }: { tightMm: number; yieldMm: number }, found) => {
    const values = { tight: { mm: tightMm }, yields: { mm: yieldMm } };
    return tightMm < yieldMm ? found('note', 'bend.sets', values) : found('good', 'bend.springs', values);
  },
);
