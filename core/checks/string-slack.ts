import { verdict, type Check } from './verdict';

/** A finger's room at the least: 1″ (from memory). mm. */
const LEAST_SLACK_MM = 25.4;

/** Strings are tied very loosely round the stem base (common practice, no source). */
export const stringSlack: Check = ({ design }) => {
  const { slackMm } = design.support;
  if (slackMm === undefined) return null;
  return slackMm + 0.5 < LEAST_SLACK_MM
    ? verdict('string-slack', 'warn', 'string.tight', { slack: { mm: slackMm } })
    : verdict('string-slack', 'good', 'string.loose', { slack: { mm: slackMm } });
};
