import { feet } from '../quantity/length';
import { check } from './check';

/** At most 4′ from hoop to hoop, 3′ is better (common practice, no source). mm. */
const MOST_MM = feet(4);
const BETTER_MM = feet(3);
const HAIR_MM = 5;

/** Does the cover sag between its hoops? */
export const hoopsApart = check(
  'hoops-apart',
  {
    says: {
      'hoops.far':
        'Hoops {apart} apart: over {most} the cover sags between them, holds rain and snow, and lies on the leaves.',
      'hoops.wide': 'Hoops {apart} apart will do; {better} is better in wind and rain.',
      'hoops.near': 'Hoops {apart} apart.',
    },
    mends: { 'hoops.far': 'Set them closer', 'hoops.wide': 'Set them closer' },
  },
  ({ apartMm }: { apartMm: number }, found) => {
    const apart = { mm: apartMm };
    if (apartMm > MOST_MM + HAIR_MM) return found('warn', 'hoops.far', { apart, most: { mm: MOST_MM } });
    if (apartMm > BETTER_MM + HAIR_MM) return found('note', 'hoops.wide', { apart, better: { mm: BETTER_MM } });
    return found('good', 'hoops.near', { apart });
  },
);
