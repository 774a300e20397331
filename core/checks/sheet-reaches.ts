import { check } from './check';

/** Is clear sheet sold as wide as a leaf is long from its foot to the ridge? mm. */
export const sheetReaches = check(
  'sheet-reaches',
  {
    says: {
      'sheet.short': 'Its leaves are {leaf} from foot to ridge; what covers them is sold {sold} wide.',
      'sheet.reaches': 'Its leaves are {leaf} from foot to ridge: one width of the cover each.',
    },
    mends: { 'sheet.short': 'Make it smaller' },
  },
  ({ leafMm, soldMm }: { leafMm: number; soldMm: number }, found) =>
    leafMm > soldMm + 0.5
      ? found('fail', 'sheet.short', { leaf: { mm: leafMm }, sold: { mm: soldMm } })
      : found('good', 'sheet.reaches', { leaf: { mm: leafMm } }),
);
