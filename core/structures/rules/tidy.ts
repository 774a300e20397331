import { exact, inches, type Units } from '../../quantity/length';

/** The nearest figure someone would set out with their own tape: a whole inch, or 10 mm. */
export function tidy(mm: number, units: Units): number {
  const step = units === 'imperial' ? inches(1) : 10;
  return exact(Math.round(mm / step) * step);
}

/** One figure for those who think in inches, a round one for those who think in millimetres. */
export const perUnits = (units: Units, imperialInches: number, metricMm: number): number =>
  units === 'imperial' ? inches(imperialInches) : metricMm;

export const TAPE_STEP = { imperial: inches(1), metric: 10 } as const;
