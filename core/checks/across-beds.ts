import { check } from './check';

/** Along the edge of a bed, so far into it, a line has not gone through it yet (from memory). mm. */
const EDGE_MM = 150;

/** Does a line go through beds? `mm` is how far it goes in each. */
export const acrossBeds = check(
  'across-beds',
  {
    says: {
      'line.across-beds': 'It goes through {beds}: move a corner, or the bed.',
    },
  },
  ({ beds }: { beds: readonly { name: string; mm: number }[] }, found) => {
    const crossed = beds.filter(({ mm }) => mm > EDGE_MM).map(({ name }) => name);
    return crossed.length === 0 ? null : found('warn', 'line.across-beds', { beds: crossed.join(', ') });
  },
);
