import { check } from './check';

/** Of a curved piece so much has to be of grain that runs from end to end (from memory). */
export const LEAST_GRAIN = 0.25;

/** Does the grain of a board that is sawn to a curve run through enough of it? `grain` is that share. */
export const grainRuns = check(
  'grain-runs',
  {
    says: {
      'grain.short':
        'In only {share} % of each curved rafter does the grain run through from end to end: it splits where that is cut off. {least} % is the least.',
      'grain.runs': 'In {share} % of each curved rafter the grain runs through from end to end.',
    },
    mends: { 'grain.short': 'Let it swing less' },
  },
  ({ grain }: { grain: number }, found) => {
    const values = { share: Math.round(grain * 100), least: LEAST_GRAIN * 100 };
    return grain < LEAST_GRAIN ? found('warn', 'grain.short', values) : found('good', 'grain.runs', values);
  },
);
