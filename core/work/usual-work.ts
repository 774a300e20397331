import type { Plan, Work } from '../plan/plan';
import { seasonOpens } from '../site/seasons';

/** What is taken where nobody has said who works and when: one person at weekends, six hours, from the first of March of the season. */
export const usualWork = (plan: Pick<Plan, 'garden' | 'site'>): Work => ({
  from: seasonOpens(plan),
  people: [{ name: 'You', weekdays: [6, 0], hours: 6 }],
  off: [],
  later: [],
  fixed: [],
  took: [],
});
