import { check } from './check';

/** What is nearer than this to what the plan says is as it says: 1″ (from memory). mm. */
const FORGIVEN_MM = 25.4;

interface Measures {
  highMm: number;
  longMm: number;
  wideMm: number;
}

/** Are the sides what the plan has the bed as? */
export const bedMatches = check(
  'bed-matches',
  {
    says: {
      'bed.height':
        'The plan has this bed {planned} high, its sides come to {built}: say so of the bed, and nets, posts and reach go by it.',
      'bed.flat':
        'The plan has this bed no higher than the path, its sides come to {built}: say so of the bed, and nets, posts and reach go by it.',
      'bed.size':
        'Whole courses and blocks make it {long} × {wide}, where the plan has {plannedLong} × {plannedWide}: say so of the bed.',
      'bed.oval': 'The bed is an oval: the largest bed with straight sides that it holds is {long} × {wide}.',
      'bed.as-planned': 'Its sides are as the plan has the bed: {long} × {wide}, {built} high.',
    },
  },
  ({ planned, built, round }: { planned: Measures; built: Measures; round: boolean }, found) => {
    const off = (a: number, b: number): boolean => Math.abs(a - b) > FORGIVEN_MM;
    const values = {
      planned: { mm: planned.highMm },
      built: { mm: built.highMm },
      long: { mm: built.longMm },
      wide: { mm: built.wideMm },
      plannedLong: { mm: planned.longMm },
      plannedWide: { mm: planned.wideMm },
    };
    if (round) return found('note', 'bed.oval', values);
    if (off(planned.longMm, built.longMm) || off(planned.wideMm, built.wideMm))
      return found('note', 'bed.size', values);
    return off(planned.highMm, built.highMm)
      ? found('note', planned.highMm === 0 ? 'bed.flat' : 'bed.height', values)
      : found('good', 'bed.as-planned', values);
  },
);
