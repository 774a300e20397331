import { check } from './check';

/** A finger's width over is forgiven: 1″ (from memory). mm. */
export const FORGIVEN_MM = 25.4;

/** Can the tallest user reach the top with both feet on the path? `bedMm` is how much higher the bed's soil lies. */
export const reachUp = check(
  'reach-up',
  {
    says: {
      'reach.tall': 'The top is at {top} over the path; the tallest of you reaches {reach}.',
      'reach.top': 'The top at {top} can be reached from the ground.',
    },
    mends: { 'reach.tall': 'Bring the top within reach' },
  },
  ({ topMm, bedMm, reachMm }: { topMm: number; bedMm: number; reachMm: number }, found) => {
    const values = { top: { mm: topMm + bedMm }, reach: { mm: reachMm } };
    return topMm + bedMm > reachMm + FORGIVEN_MM
      ? found('warn', 'reach.tall', values)
      : found('good', 'reach.top', values);
  },
);
