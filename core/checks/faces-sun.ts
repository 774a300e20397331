import { check } from './check';

/** Off the midday sun by more than this a frame has half the winter’s light, or hardly any (from memory). Degrees. */
const ASIDE_DEG = 50;
const AWAY_DEG = 100;

/** Does the low side of a glazed frame look to the midday sun? */
export const facesSun = check(
  'faces-sun',
  {
    says: {
      'sun.away': 'Its low side looks {off}° away from the midday sun: in winter it lies in its own shade.',
      'sun.aside': 'Its low side looks {off}° aside of the midday sun: half of the day’s light comes in over an end.',
      'sun.faces': 'Its low side looks to the midday sun, within {off}°.',
    },
    mends: { 'sun.away': 'Turn it round' },
  },
  ({ offDeg }: { offDeg: number }, found) => {
    const values = { off: Math.round(offDeg) };
    if (offDeg > AWAY_DEG) return found('warn', 'sun.away', values);
    return offDeg > ASIDE_DEG ? found('note', 'sun.aside', values) : found('good', 'sun.faces', values);
  },
);
