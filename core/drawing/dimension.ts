import { formatLength, type Units } from '../quantity/length';
import type { Chain } from './primitive';

/** One figure of a dimension string, placed on paper along the string. Pixels. */
export interface Figure {
  text: string;
  from: number;
  to: number;
  /** 0 sits on the string; 1, 2… stand clear of a neighbour they would touch. */
  tier: number;
}

/** Width of figures in a tabular face, as a share of the type size (measured on the shipped family). */
const FIGURE_WIDTH = 0.56;
export const textWidth = (text: string, size: number): number => text.length * size * FIGURE_WIDTH;

/** Gaps this close are one gap: a sixteenth of an inch, rounded. mm. */
const SAME_MM = 0.8;

/**
 * The figures of a chain of dimensions. Equal gaps too narrow for their figure are said once
 * ("12 × 1′ 6″"); odd narrow ones move out a tier so that no two figures touch.
 */
export function chainFigures(
  chain: Chain,
  pxPerMm: number,
  units: Units,
  size: number,
  room: (text: string) => number = (text) => textWidth(text, size),
): Figure[] {
  const gaps = chain.atMm.slice(1).map((to, i) => ({
    from: chain.atMm[i] as number,
    to,
    said: (chain.tapedMm[i + 1] as number) - (chain.tapedMm[i] as number),
  }));
  const runs: { from: number; to: number; said: number; count: number }[] = [];
  for (const { from, to, said } of gaps) {
    const last = runs[runs.length - 1];
    if (last && Math.abs(last.said - said) < SAME_MM) {
      last.to = to;
      last.count += 1;
    } else runs.push({ from, to, said, count: 1 });
  }
  const figures = runs.flatMap((run): Omit<Figure, 'tier'>[] => {
    const one = formatLength(run.said, units);
    const gap = (run.to - run.from) / run.count;
    const fits = gap * pxPerMm >= room(one) + 12;
    if (!fits && run.count > 1)
      return [{ text: `${run.count} × ${one}`, from: run.from * pxPerMm, to: run.to * pxPerMm }];
    return Array.from({ length: run.count }, (_, i) => ({
      text: one,
      from: (run.from + i * gap) * pxPerMm,
      to: (run.from + (i + 1) * gap) * pxPerMm,
    }));
  });
  const tierEnds: number[] = [];
  return figures.map((figure): Figure => {
    const middle = (figure.from + figure.to) / 2;
    const half = room(figure.text) / 2 + 3;
    const wide = figure.to - figure.from >= 2 * half + 4;
    let tier = wide ? 0 : 1;
    while ((tierEnds[tier] ?? -Infinity) > middle - half) tier += 1;
    tierEnds[tier] = middle + half;
    return { ...figure, tier };
  });
}
