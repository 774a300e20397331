import { check } from './check';

/** A finger's room at the least: 1″ (from memory). mm. */
const LEAST_SLACK_MM = 25.4;

/** Strings are tied very loosely round the stem base (common practice, no source). */
export const stringSlack = check(
  'string-slack',
  {
    says: {
      'string.tight': 'Only {slack} slack: a string tied tight lifts the plant or cuts into it.',
      'string.loose': '{slack} slack at the foot of every string.',
    },
    mends: { 'string.tight': 'Leave 4″ (100 mm) slack' },
  },
  ({ slackMm }: { slackMm: number }, found) =>
    slackMm + 0.5 < LEAST_SLACK_MM
      ? found('warn', 'string.tight', { slack: { mm: slackMm } })
      : found('good', 'string.loose', { slack: { mm: slackMm } }),
);
