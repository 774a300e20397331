import { check, SEEN_MM } from './check';

/** A barrow wants 36″ between the posts; who walks alone 24″ (common practice, no source). mm. */
const BARROW_MM = 914.4;

/** Is there room to go through, and do the posts stand on the way rather than in the beds beside it? */
export const arborInside = check(
  'arbor-inside',
  {
    says: {
      'inside.in-beds':
        '{inside} apart, the posts stand in the beds or under their boards: between the beds there are {free} clear of them.',
      'inside.narrow': '{inside} between the posts: one person walks through, a barrow ({barrow}) does not.',
      'inside.fits': '{inside} between the posts: a barrow goes through.',
    },
    mends: { 'inside.in-beds': 'Stand the posts on the way' },
  },
  ({ insideMm, onWayMm }: { insideMm: number; onWayMm: number | null }, found) => {
    const values = { inside: { mm: insideMm }, barrow: { mm: BARROW_MM }, free: { mm: onWayMm ?? 0 } };
    if (onWayMm !== null && insideMm > onWayMm + SEEN_MM) return found('warn', 'inside.in-beds', values);
    return insideMm + SEEN_MM < BARROW_MM
      ? found('note', 'inside.narrow', values)
      : found('good', 'inside.fits', values);
  },
);
