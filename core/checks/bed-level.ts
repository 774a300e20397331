import { check } from './check';

/** Less of a fall than this is taken up by the first course: 1″ (from memory). mm. */
const FORGIVEN_MM = 25.4;

/** How is the bed made level where the ground falls? */
export const bedLevel = check(
  'bed-level',
  {
    says: {
      'level.dig-in': 'The ground falls {fall} along it: level, its sides are dug in so far at the high end.',
      'level.buried': 'The ground falls {fall} along it, more than its sides are high: make two beds in steps.',
    },
  },
  ({ dugInMm, highMm }: { dugInMm: number; highMm: number }, found) =>
    dugInMm <= FORGIVEN_MM
      ? null
      : found('note', dugInMm > highMm ? 'level.buried' : 'level.dig-in', { fall: { mm: dugInMm } }),
);
