import { check } from './check';

/** Under more of wet soil than this, posts that are let in by 6″ lean out in time: 18″ (from memory). mm. */
export const UNTIED_MM = 457.2;
/** On paving or a deck, where posts hold nothing at their feet: 12″ (from memory). mm. */
export const UNTIED_ON_FLOOR_MM = 304.8;
/** A tie gives at so many times what wet soil pulls at it, at the least (from memory). */
const LEAST_TIMES = 2;

/** Can the sides lean out: posts between the corners of a high bed, tied to those across from them or not? */
export const bedTied = check(
  'bed-tied',
  {
    says: {
      'tied.leans':
        'Posts between the corners lean out in time under {deep} of wet soil; from {most} on they are tied.',
      'tied.gives': 'Wet soil pulls each tie with {pull}; it gives at {gives}, and {least} times the pull is wanted.',
      'tied.holds': 'Wet soil pulls each tie with {pull}; it gives at {gives}.',
    },
    mends: { 'tied.leans': 'Tie the sides to each other', 'tied.gives': 'Set posts closer, with their ties' },
  },
  (
    at: {
      /** How deep the soil in it is, and how many pairs of posts could be tied. mm. */
      deepMm: number;
      pairs: number;
      /** So deep its sides hold untied. mm. */
      mostMm: number;
      /** What a tie is pulled with, and gives at; null where there are none. N. */
      ties: { pullN: number; givesN: number } | null;
    },
    found,
  ) => {
    if (at.pairs === 0) return null;
    if (!at.ties)
      return at.deepMm > at.mostMm
        ? found('warn', 'tied.leans', { deep: { mm: at.deepMm }, most: { mm: at.mostMm } })
        : null;
    const { pullN, givesN } = at.ties;
    const values = { pull: { newtons: pullN }, gives: { newtons: givesN } };
    return givesN < LEAST_TIMES * pullN
      ? found('warn', 'tied.gives', { ...values, least: LEAST_TIMES })
      : found('good', 'tied.holds', values);
  },
);
