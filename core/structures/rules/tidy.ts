import type { Market } from '../../catalogue/stock';
import { exact, inches } from '../../quantity/length';

/** The nearest figure that is easily set out in a market's sizes: a whole inch, or 10 mm. */
export function tidy(mm: number, market: Market): number {
  const step = TAPE_STEP[market];
  return exact(Math.round(mm / step) * step);
}

/** The next easily set out figure that is no more. mm. */
export const wholeStep = (mm: number, market: Market): number =>
  exact(Math.floor(mm / TAPE_STEP[market] + 1e-6) * TAPE_STEP[market]);

/** One figure where timber and mesh are sold by the inch, a round one where they are sold by the millimetre. */
export const perMarket = (market: Market, imperialInches: number, metricMm: number): number =>
  market === 'imperial' ? inches(imperialInches) : metricMm;

export const TAPE_STEP = { imperial: inches(1), metric: 10 } as const;
