import { check, SEEN_MM } from './check';

/** Can the shape be as low as it was asked to be? A half circle is half its span high; a sprung rod has a least of its own. mm. */
export const hoopShape = check(
  'hoop-shape',
  {
    says: {
      'hoop.higher': 'This shape over {span} is {high} high at the least; {asked} was asked for.',
      'hoop.as-asked': '{high} high over {span}, {long} over the hoop.',
    },
    mends: { 'hoop.higher': 'Bend half an ellipse' },
  },
  (
    { spanMm, heightMm, askedMm, lengthMm }: { spanMm: number; heightMm: number; askedMm: number; lengthMm: number },
    found,
  ) => {
    const [span, high] = [{ mm: spanMm }, { mm: heightMm }];
    return heightMm - askedMm > SEEN_MM
      ? found('note', 'hoop.higher', { span, high, asked: { mm: askedMm } })
      : found('good', 'hoop.as-asked', { span, high, long: { mm: lengthMm } });
  },
);
