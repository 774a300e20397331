import { check } from './check';

/** Plain plastic ties go brittle in the sun in about two seasons (common practice, no source). */
export const tiesPerish = check(
  'ties-perish',
  {
    says: {
      'ties.perish':
        '{ties|plain plastic tie perishes|plain plastic ties perish} in about two seasons of sun: UV-grade ones, clips or wire stay.',
    },
    mends: { 'ties.perish': 'Take clips or wire' },
  },
  ({ ties }: { ties: number }, found) => (ties > 0 ? found('note', 'ties.perish', { ties }) : null),
);
