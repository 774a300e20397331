import { check } from './check';

/** A slat that bows by more than this share of its span is seen to sag, and lets the cloth pull out (from memory). */
const SEEN_SHARE = 1 / 150;

/** Do the slats of a planter’s floor carry wet mix between their bearers, and is there a floor’s room under them? mm. */
export const floorSlats = check(
  'floor-slats',
  {
    says: {
      'slats.bow': 'A slat bows by {bow} under wet mix between bearers {span} apart.',
      'slats.floor': 'Its boards would stand on the floor: its rim is {rim} high, and {box} of that is box.',
      'slats.carry': 'Slats carry the wet mix: they bow by {bow} between bearers {span} apart.',
    },
    mends: { 'slats.bow': 'Make it narrower', 'slats.floor': 'Raise it' },
  },
  (at: { bowMm: number; spanMm: number; rimMm: number; boxMm: number }, found) => {
    const values = { bow: { mm: at.bowMm }, span: { mm: at.spanMm } };
    if (at.rimMm < at.boxMm + 1) return found('warn', 'slats.floor', { rim: { mm: at.rimMm }, box: { mm: at.boxMm } });
    return at.bowMm > at.spanMm * SEEN_SHARE
      ? found('warn', 'slats.bow', values)
      : found('good', 'slats.carry', values);
  },
);
