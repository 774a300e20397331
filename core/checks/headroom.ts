import { check, SEEN_MM } from './check';

/** Room over a head that a person needs not to stoop: 2″ (from memory). mm. */
const OVER_HEAD_MM = 50;

/** Can the tallest of the gardeners walk through, under what hangs down? `statureMm` is how tall they are. */
export const headroom = check(
  'headroom',
  {
    says: {
      'headroom.low':
        '{crown} in the middle, less {hang} that hangs down, leaves {clear}: the tallest of you ({tall}) stoops.',
      'headroom.less': '{crown} in the middle; {wanted} was wanted, and it cannot stand higher so.',
      'headroom.fits': '{crown} in the middle, {clear} under what hangs down.',
    },
    mends: { 'headroom.low': 'Lift the feet', 'headroom.less': 'Lift the feet' },
  },
  (at: { crownMm: number; wantedMm: number; hangMm: number; statureMm: number }, found) => {
    const clear = at.crownMm - at.hangMm;
    const values = {
      crown: { mm: at.crownMm },
      hang: { mm: at.hangMm },
      clear: { mm: clear },
      tall: { mm: at.statureMm },
      wanted: { mm: at.wantedMm },
    };
    if (at.crownMm + 10 < at.wantedMm - SEEN_MM) return found('warn', 'headroom.less', values);
    return clear < at.statureMm + OVER_HEAD_MM
      ? found('warn', 'headroom.low', values)
      : found('good', 'headroom.fits', values);
  },
);
