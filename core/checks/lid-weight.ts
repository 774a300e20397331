import { check } from './check';

/** Half of a lid hangs on its hinges, half on the hand that lifts it: one hand lifts about 10 kg at arm’s length (from memory). kg. */
const ONE_HAND_KG = 10;

/** Can one person lift a lid with one hand? */
export const lidWeight = check(
  'lid-weight',
  {
    says: {
      'lid.heavy':
        'A lid weighs about {weight} kg and takes {lift} kg at its front edge: two hands, or more and shorter lids.',
      'lid.light': 'A lid weighs about {weight} kg: {lift} kg at its front edge.',
    },
    mends: { 'lid.heavy': 'One lid more' },
  },
  ({ weightKg }: { weightKg: number }, found) => {
    const values = { weight: Math.round(weightKg * 10) / 10, lift: Math.round(weightKg * 5) / 10 };
    return weightKg / 2 > ONE_HAND_KG ? found('warn', 'lid.heavy', values) : found('good', 'lid.light', values);
  },
);
