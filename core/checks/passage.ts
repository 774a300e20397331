import { check } from './check';

/** The shadow of a passage that runs north–south crosses quickly; east–west it is a wall of shade (common practice, no source). */
export const passage = check(
  'passage',
  {
    says: {
      'passage.east-west': 'The passage runs east–west: it stands there as a wall of shade {high} high all day.',
      'passage.north-south': 'The passage runs north–south: its shadow crosses quickly.',
    },
  },
  ({ runs, highMm }: { runs: 'north–south' | 'east–west'; highMm: number }, found) =>
    runs === 'east–west'
      ? found('note', 'passage.east-west', { high: { mm: highMm } })
      : found('good', 'passage.north-south'),
);
