import { check } from './check';

/** Has the cover to be opened for insects, and when? `crop` is the first to flower that needs them and does not get them through the mesh. */
export const coverOpens = check(
  'cover-opens',
  {
    says: {
      'opens.by': '{crop} sets fruit by insects: open the cover by day from about {on}, or pollinate by hand.',
      'opens.never': 'Nothing under it waits for insects: it can stay closed.',
    },
  },
  ({ crop, on }: { crop: string | null; on: string | null }, found) =>
    crop !== null && on !== null
      ? found('note', 'opens.by', { crop, on: { monthDay: on } })
      : found('good', 'opens.never'),
);
