import { check, SEEN_MM } from './check';

/** Do hands reach its farthest row, and knees find room under it where they are meant to? mm. */
export const planterReach = check(
  'planter-reach',
  {
    says: {
      'planter.far': 'Its farthest row is {far} from who works at it, who reaches {reach}.',
      'planter.knees': '{clear} clear under it; knees want {wants}.',
      'planter.reached': 'Its farthest row is {far} from who works at it.',
    },
    mends: { 'planter.far': 'Make it narrower', 'planter.knees': 'Raise it' },
  },
  (at: { farMm: number; reachMm: number; clearMm: number; kneesMm: number | null }, found) => {
    if (at.kneesMm !== null && at.clearMm + SEEN_MM < at.kneesMm)
      return found('warn', 'planter.knees', { clear: { mm: at.clearMm }, wants: { mm: at.kneesMm } });
    const values = { far: { mm: at.farMm }, reach: { mm: at.reachMm } };
    return at.farMm > at.reachMm + SEEN_MM
      ? found('warn', 'planter.far', values)
      : found('good', 'planter.reached', values);
  },
);
