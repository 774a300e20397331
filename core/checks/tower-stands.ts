import { GRAVITY_MS2 } from '../quantity/measure';
import type { Soil, Wind } from '../site/soil';
import { poleMoment } from '../statics/pole';
import { lowDown, pipeYieldMoment, windPressure } from '../statics/wind';
import { check } from './check';

/** Force coefficient of a leafy column (from memory: a rough cylinder). */
const COLUMN = 1.2;

/** A stack of pots as the wind finds it. mm, kg, m/s. */
export interface Stack {
  highMm: number;
  acrossMm: number;
  wetKg: number;
  gustMs: number;
  rod: { diameterMm: number; wallMm: number; yieldMpa: number };
  /** How much of its rod is in the soil; nought where it stands on a floor. */
  deepMm: number;
  soil: Soil;
  wind: Wind;
}

/** The moment of the gust on a stack at half its height, and what holds it: its own wet weight over half its width, and of its rod what the soil holds or what it bears before it bends, whichever is less. N m. */
export function momentsOn(at: Stack): { wind: number; weight: number; rod: number } {
  const [high, across] = [at.highMm / 1000, at.acrossMm / 1000];
  return {
    wind: windPressure(at.gustMs) * lowDown(at.wind) * COLUMN * high * across * (high / 2),
    weight: at.wetKg * GRAVITY_MS2 * (across / 2),
    rod: Math.min(
      pipeYieldMoment(at.rod),
      poleMoment({ acrossMm: at.rod.diameterMm, deepMm: at.deepMm, upMm: at.highMm / 2, soil: at.soil }),
    ),
  };
}

/** Whether a stack stands in its gust. */
export const standsInGust = (at: Stack): boolean => {
  const { wind, weight, rod } = momentsOn(at);
  return wind <= weight + rod;
};

/** Does a stack of pots stand in the gust of its place? A gardener’s sum, not an engineer’s. */
export const towerStands = check(
  'tower-stands',
  {
    says: {
      'tower.blows':
        'A gust of {gust} turns {high} of pots over: {wind} N m against {weight} N m of its own weight, watered, and {rod} N m of its rod. Fewer tiers, or a sheltered place.',
      'tower.stands':
        'Stands in a gust of {gust}: {wind} N m against {weight} N m of its own weight, watered, and {rod} N m of its rod.',
    },
    reckons: 'wind',
    mends: { 'tower.blows': 'Fewer tiers' },
  },
  (at: Stack, found) => {
    const { wind, weight, rod } = momentsOn(at);
    const values = {
      gust: { ms: at.gustMs },
      high: { mm: at.highMm },
      wind: Math.round(wind),
      weight: Math.round(weight),
      rod: Math.round(rod),
    };
    return standsInGust(at) ? found('good', 'tower.stands', values) : found('warn', 'tower.blows', values);
  },
);
