import { check } from './check';

/** Half of a lid hangs on its hinges, half on the hand that lifts it: one hand lifts about 10 kg at arm’s length (from memory). kg. */
const ONE_HAND_KG = 10;

/** Can one person lift a lid with one hand? */
export const lidWeight = check(
  'lid-weight',
  {
    says: {
      'lid.heavy':
        'A lid weighs about {weight} and takes {lift} at its front edge: two hands, or more and shorter lids.',
      'lid.light': 'A lid weighs about {weight}: {lift} at its front edge.',
    },
    mends: { 'lid.heavy': 'One lid more' },
  },
  ({ weightKg }: { weightKg: number }, found) => {
    const values = { weight: { kg: weightKg }, lift: { kg: weightKg / 2 } };
    return weightKg / 2 > ONE_HAND_KG ? found('warn', 'lid.heavy', values) : found('good', 'lid.light', values);
  },
);
