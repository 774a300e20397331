import { formatLength, type Units } from '@lignum/core/quantity/length';

/** How what stands differs from what was meant: "1⅛″ less than planned". */
export const apartWords = (byMm: number, units: Units): string =>
  Math.abs(byMm) < 0.5
    ? 'As planned'
    : `${formatLength(Math.abs(byMm), units)} ${byMm > 0 ? 'more' : 'less'} than planned`;
