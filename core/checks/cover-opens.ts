import { check } from './check';

/** A bee gets through from here on (from memory). mm. */
const BEE_MM = 10;

/** Has the cover to be opened for insects, and when? `crop` is the first to flower that needs them. */
export const coverOpens = check(
  'cover-opens',
  {
    says: {
      'opens.by': '{crop} sets fruit by insects: open the cover by day from about {on}, or pollinate by hand.',
      'opens.never': 'Nothing under it waits for insects: it can stay closed.',
    },
  },
  ({ crop, on, openingMm }: { crop: string | null; on: string | null; openingMm: number }, found) =>
    crop !== null && on !== null && openingMm < BEE_MM
      ? found('note', 'opens.by', { crop, on: { monthDay: on } })
      : found('good', 'opens.never'),
);
