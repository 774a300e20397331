import { check } from './check';

/** Less of a fall than this is taken up by the first course: 1″ (from memory). mm. */
const FORGIVEN_MM = 25.4;
/** Under a side on a floor water and soil leave by a gap of so much: ¼″ (from memory). mm. */
const PACKED_MM = 6.35;

/** How is the bed made level where the ground falls? */
export const bedLevel = check(
  'bed-level',
  {
    says: {
      'level.dig-in': 'The ground falls {fall} along it: level, its sides are dug in so far at the high end.',
      'level.packed':
        'The floor falls {fall} along it: pack the low side up, so that it stands level, and close the gap.',
      'level.buried': 'The ground falls {fall} along it, more than its sides are high: make two beds in steps.',
    },
  },
  ({ dugInMm, highMm, onFloor }: { dugInMm: number; highMm: number; onFloor: boolean }, found) => {
    if (dugInMm <= (onFloor ? PACKED_MM : FORGIVEN_MM)) return null;
    const code = onFloor ? 'level.packed' : dugInMm > highMm ? 'level.buried' : 'level.dig-in';
    return found('note', code, { fall: { mm: dugInMm } });
  },
);
