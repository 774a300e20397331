import { check } from './check';

/** Share of what makes a wire give that a gardener's turnbuckle should use at most (from memory). */
const MOST_SHARE = 0.4;

/** Is a guy wire tight enough to pull a post upright, and not so tight that it gives? */
export const wireTension = check(
  'wire-tension',
  {
    says: {
      'wire.tight': 'A pull of {pull} is {share} % of what makes the wire give; slacken it.',
      'wire.firm': 'A pull of {pull} draws the posts upright and stretches the longest wire by {stretch}.',
    },
    mends: { 'wire.tight': 'Slacken the wires' },
  },
  (guys: { tensionN: number; stretchMm: number; yieldShare: number }, found) => {
    const values = {
      pull: { newtons: guys.tensionN },
      stretch: { mm: guys.stretchMm },
      share: Math.round(guys.yieldShare * 100),
    };
    return guys.yieldShare > MOST_SHARE ? found('warn', 'wire.tight', values) : found('good', 'wire.firm', values);
  },
);
