import { check } from './check';

/** An interval may be off by this share before a weaver sees it (from memory). */
const FORGIVEN = 0.06;

/** Does the interval of the nails divide both sides of the frame? `setMm` is the one set that is farthest from it. */
export const nailInterval = check(
  'nail-interval',
  {
    says: {
      'nails.off': '{asked} does not divide the sides: some nails come {set} apart.',
      'nails.divide': 'Nails divide the sides evenly, {set} apart.',
    },
    mends: { 'nails.off': 'Take an interval that divides' },
  },
  (nails: { askedMm: number; setMm: number }, found) => {
    const off = Math.abs(nails.setMm - nails.askedMm) / nails.askedMm;
    const values = { asked: { mm: nails.askedMm }, set: { mm: nails.setMm } };
    return off > FORGIVEN ? found('note', 'nails.off', values) : found('good', 'nails.divide', values);
  },
);
