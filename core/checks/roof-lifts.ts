import { GRAVITY_MS2 } from '../quantity/measure';
import type { Wind } from '../site/soil';
import { ROOF_LIFTS } from '../statics/drag';
import { lowDown, windPressure } from '../statics/wind';
import { check } from './check';

/** So many times what lifts it has to hold it down (from memory). */
const LEAST_TIMES = 1.1;

/** A roof as the gust lifts it. m², kg, m/s. */
export interface Lifted {
  gustMs: number;
  wind: Wind;
  areaM2: number;
  frameKg: number;
  /** Concrete about its posts; what soil alone holds is not counted. */
  concreteKg: number;
  posts: number;
}

/** What a gust lifts a roof with, and what weighs it down. N. */
export const liftOn = (at: Lifted): { lift: number; weight: number } => ({
  lift: ROOF_LIFTS * windPressure(at.gustMs) * lowDown(at.wind) * at.areaM2,
  weight: (at.frameKg + at.concreteKg) * GRAVITY_MS2,
});

/** Does an open roof stay down in the gust of its place? A gardener’s sum, not an engineer’s. */
export const roofLifts = check(
  'roof-lifts',
  {
    says: {
      'lift.off':
        'A gust of {gust} lifts at each post with {each}; wood and concrete weigh it down with {down}. Take the film off before storms, and hold more down.',
      'lift.holds': 'A gust of {gust} lifts at each post with {each}; wood and concrete weigh it down with {down}.',
    },
    reckons: 'wind',
    mends: { 'lift.off': 'Hold more down' },
  },
  (at: Lifted, found) => {
    const { lift, weight } = liftOn(at);
    const values = {
      gust: { ms: at.gustMs },
      each: { newtons: lift / at.posts },
      down: { newtons: weight / at.posts },
    };
    return weight < LEAST_TIMES * lift ? found('warn', 'lift.off', values) : found('good', 'lift.holds', values);
  },
);
