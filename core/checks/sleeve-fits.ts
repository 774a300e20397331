import { check, SEEN_MM } from './check';

/** Does the pattern of a net sleeve find room on the width of its roll? mm. */
export const sleeveFits = check(
  'sleeve-fits',
  {
    says: {
      'sleeve.wide': 'A sleeve {high} high is wider than the roll, {roll}: join two strips, or take a wider net.',
      'sleeve.fits': '{across|sleeve lies|sleeves lie} across the roll, and {left} of its width is left over.',
    },
    mends: { 'sleeve.wide': 'Take the wider net' },
  },
  ({ highMm, rollMm, across }: { highMm: number; rollMm: number; across: number }, found) =>
    highMm > rollMm + SEEN_MM
      ? found('warn', 'sleeve.wide', { high: { mm: highMm }, roll: { mm: rollMm } })
      : found('good', 'sleeve.fits', { across, left: { mm: Math.max(0, rollMm - across * highMm) } }),
);
