import { check } from './check';

/** Up to about six plants; beyond that walls or weaves cost less (common practice, no source). */
const MOST = 6;

/** Cages cost by the plant, and whole ones are hard to store. */
export const cagesMany = check(
  'cages-many',
  {
    says: {
      'cages.many': 'Beyond about six plants a wall or a weave costs less a season: compare them.',
      'cages.few': 'Worth it for so few; unhooked and laid flat they take hardly any room in winter.',
    },
  },
  ({ cages }: { cages: number }, found) => (cages > MOST ? found('note', 'cages.many') : found('good', 'cages.few')),
);
