import { check } from './check';

/** What is nearer than this to what was asked for is that: 1″ (from memory). mm. */
const FORGIVEN_MM = 25.4;

interface Measures {
  highMm: number;
  longMm: number;
  wideMm: number;
}

/** Do whole courses and blocks come to the bed that was asked for? Everything on it goes by what they come to. */
export const bedMatches = check(
  'bed-matches',
  {
    says: {
      'bed.height':
        'Whole courses come to {built}, where {asked} was asked for: what stands on the bed goes by its sides.',
      'bed.size':
        'Whole blocks make it {long} × {wide}, where {askedLong} × {askedWide} was asked for: what stands on the bed goes by its sides.',
      'bed.squared':
        'Its sides stand square to each other: the largest bed of that kind that this outline holds is {long} × {wide}, and what stands on it goes by that.',
      'bed.eight': 'The bed is round: its sides are eight straight ones within it, and what stands on it goes by them.',
      'bed.as-asked': 'Its sides come to what was asked for: {long} × {wide}, {built} high.',
    },
  },
  ({ asked, built, straight }: { asked: Measures; built: Measures; straight: string | null }, found) => {
    const off = (a: number, b: number): boolean => Math.abs(a - b) > FORGIVEN_MM;
    const values = {
      asked: { mm: asked.highMm },
      built: { mm: built.highMm },
      long: { mm: built.longMm },
      wide: { mm: built.wideMm },
      askedLong: { mm: asked.longMm },
      askedWide: { mm: asked.wideMm },
    };
    if (straight) return found('note', straight === 'polygon' ? 'bed.eight' : 'bed.squared', values);
    if (off(asked.longMm, built.longMm) || off(asked.wideMm, built.wideMm)) return found('note', 'bed.size', values);
    return off(asked.highMm, built.highMm)
      ? found('note', 'bed.height', values)
      : found('good', 'bed.as-asked', values);
  },
);
