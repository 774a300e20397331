import { GRAVITY_MS2 } from '../quantity/measure';
import type { Wind } from '../site/soil';
import { lowDown, windPressure } from '../statics/wind';
import { check } from './check';

/** Force coefficient of a box, and of leaves above it with what comes through them (from memory). */
const BOX = 1.3;
const LEAVES = 0.6;

/** A planter on legs as the wind finds it, broadside, with what grows in it. mm, kg, m/s. */
export interface Blown {
  gustMs: number;
  wind: Wind;
  longMm: number;
  /** From its front legs to its back ones. */
  wideMm: number;
  boxMm: number;
  underMm: number;
  growsMm: number;
  /** Dry, when the mix weighs least. */
  dryKg: number;
  /** Its back is screwed to a wall. */
  held: boolean;
}

/** The moments about its lower edge on the lee side: the gust’s on box and leaves, each at the middle of its height, and that of its weight at half its width. N m. */
export function momentsAbout(at: Blown): { wind: number; weight: number } {
  const [long, box, under, grows] = [at.longMm, at.boxMm, at.underMm, at.growsMm].map((mm) => mm / 1000) as [
    number,
    number,
    number,
    number,
  ];
  const pressure = windPressure(at.gustMs) * lowDown(at.wind);
  return {
    wind: pressure * long * (BOX * box * (under + box / 2) + LEAVES * grows * (under + box + grows / 2)),
    weight: (at.dryKg * GRAVITY_MS2 * at.wideMm) / 2 / 1000,
  };
}

/** Does a planter stand in the gust of its place with its crop up and its mix dry? A gardener’s sum, not an engineer’s. */
export const planterStands = check(
  'planter-stands',
  {
    says: {
      'planter.blows':
        'A gust of {gust} turns it over with its crop up and its mix dry: {wind} N m against {weight} N m of its weight. Hold its back at a wall, or make it wider or lower.',
      'planter.held':
        'Its back is held at the wall; alone a gust of {gust} has {wind} N m against {weight} N m of its weight, its crop up and its mix dry.',
      'planter.stands':
        'Stands in a gust of {gust} with its crop up and its mix dry: {wind} N m against {weight} N m of its weight.',
    },
    reckons: 'wind',
    mends: { 'planter.blows': 'Hold it, or make it wider' },
  },
  (at: Blown, found) => {
    const { wind, weight } = momentsAbout(at);
    const values = { gust: { ms: at.gustMs }, wind: Math.round(wind), weight: Math.round(weight) };
    if (at.held) return found('good', 'planter.held', values);
    return wind > weight ? found('warn', 'planter.blows', values) : found('good', 'planter.stands', values);
  },
);
