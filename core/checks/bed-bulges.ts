import { check } from './check';

/** A board that bows by more than this is seen to bulge (from memory). mm. */
const MOST_BOW_MM = 6;
/** So many times over the soil's push a wall of its own weight resists (1.5, usual for walls of weight; from memory). */
const LEAST_TIMES = 1.5;

/** Do the sides stand against wet soil: boards between their posts, blocks by their weight? */
export const bedBulges = check(
  'bed-bulges',
  {
    says: {
      'bulge.bows':
        'Wet soil bows the lowest board by {bow} between posts {every} apart; more than {most} is seen to bulge.',
      'bulge.fits': 'Wet soil bows the lowest board by {bow} between posts {every} apart.',
      'bulge.turns': 'The blocks weigh {times} times what wet soil takes to turn them over; {least} is wanted.',
      'bulge.stands': 'The blocks weigh {times} times what wet soil takes to turn them over.',
      'bulge.held': 'Pins at most {every} apart hold the sides.',
    },
    mends: { 'bulge.bows': 'Set posts closer', 'bulge.turns': 'Build it lower, or pin it' },
  },
  (at: { bowMm: number | null; standsTimes: number | null; everyMm: number }, found) => {
    const every = { mm: at.everyMm };
    if (at.bowMm !== null) {
      const values = { bow: { mm: at.bowMm }, every, most: { mm: MOST_BOW_MM } };
      return at.bowMm > MOST_BOW_MM ? found('warn', 'bulge.bows', values) : found('good', 'bulge.fits', values);
    }
    if (at.standsTimes === null) return found('good', 'bulge.held', { every });
    const values = { times: Math.round(at.standsTimes * 10) / 10, least: LEAST_TIMES };
    return at.standsTimes < LEAST_TIMES ? found('warn', 'bulge.turns', values) : found('good', 'bulge.stands', values);
  },
);
