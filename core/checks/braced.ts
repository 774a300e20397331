import { check } from './check';

/** A beam on posts leans over along its row unless its corners are braced (common practice, no source). */
export const braced = check(
  'braced',
  {
    says: {
      'brace.none': 'Without braces it leans over along the row.',
      'brace.enough': 'Braces stop it leaning along the row.',
    },
    mends: { 'brace.none': 'Add braces' },
  },
  ({ braces }: { braces: number }, found) =>
    braces === 0 ? found('warn', 'brace.none') : found('good', 'brace.enough'),
);
