import { check } from './check';

/** Film that falls by less lets water stand in a belly; a slope longer than this is wider than film is sold (from memory). */
const LEAST_FALL = 1 / 8;

/** Does rain run off the film, and is film sold so wide? mm. */
export const rainRuns = check(
  'rain-runs',
  {
    says: {
      'rain.stands': 'It falls by {fall} % only: water stands on the film and tears it.',
      'rain.wide': 'Its slope is {slope} long; film is sold {sold} wide.',
      'rain.runs': 'It falls by {fall} %: rain runs off in front.',
    },
    mends: { 'rain.stands': 'Raise its back', 'rain.wide': 'Make it narrower' },
  },
  (at: { fall: number; slopeMm: number; soldMm: number }, found) => {
    const values = { fall: Math.round(100 * at.fall), slope: { mm: at.slopeMm }, sold: { mm: at.soldMm } };
    if (at.slopeMm > at.soldMm + 1) return found('fail', 'rain.wide', values);
    return at.fall < LEAST_FALL - 1e-9 ? found('warn', 'rain.stands', values) : found('good', 'rain.runs', values);
  },
);
