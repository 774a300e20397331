import { check } from './check';

/** Is the pallet that is to be the gate a whole one with another on either side? */
export const gatePallet = check(
  'gate-pallet',
  {
    says: {
      'hung.none': 'It has no gate: one has to climb it, or leave a stretch open.',
      'hung.alone': 'Pallet {no} is no whole one with another on either side in its line: it cannot be hung as a gate.',
      'hung.between': 'Pallet {no} swings between two others.',
    },
    mends: { 'hung.alone': 'Hang another one' },
  },
  ({ gate, no }: { gate: 'none' | 'fits' | 'does not fit'; no: number }, found) =>
    gate === 'none'
      ? found('note', 'hung.none')
      : gate === 'fits'
        ? found('good', 'hung.between', { no })
        : found('warn', 'hung.alone', { no }),
);
