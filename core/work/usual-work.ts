import type { Plan, Work } from '../plan/plan';

/** What is taken where nobody has said who works and when: one person at weekends, six hours, from the first of March of the season. */
export const usualWork = ({ garden, site }: Pick<Plan, 'garden' | 'site'>): Work => ({
  from: `${garden.year}-${site.latitudeDeg < 0 ? '08' : '03'}-01`,
  people: [{ name: 'You', weekdays: [6, 0], hours: 6 }],
  off: [],
  later: [],
  fixed: [],
  took: [],
});
