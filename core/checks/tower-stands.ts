import { GRAVITY_MS2, roundYieldMoment, windPressure } from '../statics/wind';
import { check } from './check';

/** Force coefficient of a leafy column (from memory: a rough cylinder). */
const COLUMN = 1.2;

/**
 * Does a stack of pots stand in the gust of its place? The wind on it, at half its height, against its own wet
 * weight over half its width and what its rod bears before it bends. mm, kg, m/s. Its rod is taken as held fast in
 * the soil: a gardener’s sum, not an engineer’s.
 */
export const towerStands = check(
  'tower-stands',
  {
    says: {
      'tower.blows':
        'A gust of {gust} m/s turns {high} of pots over: {wind} N m against {holds} N m. Fewer tiers, or a sheltered place.',
      'tower.stands': 'Stands in a gust of {gust} m/s: {wind} N m against {holds} N m, watered.',
    },
    reckons: 'wind',
    mends: { 'tower.blows': 'One tier less' },
  },
  (
    at: {
      highMm: number;
      acrossMm: number;
      wetKg: number;
      gustMs: number;
      rod: { diameterMm: number; yieldMpa: number };
    },
    found,
  ) => {
    const [high, across] = [at.highMm / 1000, at.acrossMm / 1000];
    const wind = windPressure(at.gustMs) * COLUMN * high * across * (high / 2);
    const holds = at.wetKg * GRAVITY_MS2 * (across / 2) + roundYieldMoment(at.rod.diameterMm, at.rod.yieldMpa);
    const values = {
      gust: Math.round(at.gustMs),
      high: { mm: at.highMm },
      wind: Math.round(wind),
      holds: Math.round(holds),
    };
    return wind > holds ? found('warn', 'tower.blows', values) : found('good', 'tower.stands', values);
  },
);
