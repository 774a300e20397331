import type { Work } from '../plan/plan';
import { DEMO_YEAR } from '../structures/demo-piece';

/** What Odile and Bram build this spring; the rest stands already, or can wait. */
const THIS_SPRING: ReadonlySet<string> = new Set([
  'tomato-wall',
  'bean-wall',
  'cucumber-frame',
  'melon-trellis',
  'pea-wall',
  'dock-arch',
  'river-fence',
  'river-gate',
  'raspberry-wires',
  'keyhole-sides',
]);

/** Odile has her weekends, Bram his Saturdays. */
export const demoWork = (structures: readonly { id: string }[]): Work => ({
  from: `${DEMO_YEAR}-02-20`,
  people: [
    { name: 'Odile', weekdays: [6, 0], hours: 6 },
    { name: 'Bram', weekdays: [6], hours: 6 },
  ],
  off: [],
  later: structures.flatMap(({ id }) => (THIS_SPRING.has(id) ? [] : [id])),
  fixed: [],
  took: [],
});
