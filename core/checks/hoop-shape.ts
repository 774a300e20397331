import { check, SEEN_MM } from './check';

/** Is there a pipe as long as a hoop, and can its shape be as low as it was asked to be? A half circle is half its span high; a sprung rod has a least of its own. `cutMm` is a hoop with its feet. mm. */
export const hoopShape = check(
  'hoop-shape',
  {
    says: {
      'hoop.long': 'A hoop takes {cut} with its feet, and {sold} is the longest on sale: lower, or narrower.',
      'hoop.higher': 'This shape over {span} is {high} high at the least; {asked} was asked for.',
      'hoop.as-asked': '{high} high over {span}, {long} over the hoop.',
    },
    mends: { 'hoop.long': 'As high as it reaches', 'hoop.higher': 'Bend half an ellipse' },
  },
  (
    at: { spanMm: number; heightMm: number; askedMm: number; lengthMm: number; cutMm: number; soldMm: number },
    found,
  ) => {
    const { spanMm, heightMm, askedMm, lengthMm, cutMm, soldMm } = at;
    if (cutMm > soldMm + SEEN_MM) return found('fail', 'hoop.long', { cut: { mm: cutMm }, sold: { mm: soldMm } });
    const [span, high] = [{ mm: spanMm }, { mm: heightMm }];
    return heightMm - askedMm > SEEN_MM
      ? found('note', 'hoop.higher', { span, high, asked: { mm: askedMm } })
      : found('good', 'hoop.as-asked', { span, high, long: { mm: lengthMm } });
  },
);
