import { setOnPaper, type Paper } from '../drawing/sheet';
import type { View } from '../drawing/primitive';
import type { Units } from '../quantity/length';

/** Scales that rules are sold for: those of ISO 5455, with 1:25, 1:75 and 1:250 that rules have besides (common practice, no source); architects' scales in feet and inches. */
const METRIC = [1, 2, 5, 10, 20, 25, 50, 75, 100, 200, 250, 500, 1000];
const FEET: readonly (readonly [number, string])[] = [
  [1, 'full size'],
  [2, '6″ = 1′'],
  [4, '3″ = 1′'],
  [8, '1½″ = 1′'],
  [12, '1″ = 1′'],
  [16, '¾″ = 1′'],
  [24, '½″ = 1′'],
  [32, '⅜″ = 1′'],
  [48, '¼″ = 1′'],
  [64, '3/16″ = 1′'],
  [96, '⅛″ = 1′'],
  [128, '3/32″ = 1′'],
  [192, '1/16″ = 1′'],
  [480, '1″ = 40′'],
  [1200, '1″ = 100′'],
];
const PX_PER_MM = 96 / 25.4;

export interface Scaled {
  paper: Paper;
  /** 1:24 is 24. */
  of: number;
  said: string;
  /** A bar of a round length: so long in the garden, so long on the paper. */
  bar: { mm: number; px: number };
  /** Strokes are thinned by this where a drawing is small. */
  fine: number;
}

/** Sets a view on paper at the largest scale of a rule at which it fits. */
export function atScale(view: View, o: { widthPx: number; heightPx: number; units: Units }): Scaled {
  const fits = setOnPaper(view, o).frame.scale;
  const scales = o.units === 'imperial' ? FEET : METRIC.map((of) => [of, `1:${of}`] as const);
  const [of, words] = scales.find(([one]) => PX_PER_MM / one <= fits * 1.0001) ?? [2000, '1:2000'];
  const scale = PX_PER_MM / of;
  const bars =
    o.units === 'imperial'
      ? [25.4, 76.2, 152.4, 304.8, 914.4, 1524, 3048, 7620]
      : [20, 50, 100, 200, 500, 1000, 2000, 5000];
  const mm = bars.find((one) => one * scale >= 40) ?? 10_000;
  return {
    paper: setOnPaper(view, { ...o, scale }),
    of,
    said: o.units === 'imperial' ? `${words} (1:${of})` : words,
    bar: { mm, px: mm * scale },
    fine: of <= 16 ? 1 : of <= 32 ? 0.8 : of <= 64 ? 0.65 : 0.5,
  };
}
