import { distanceToStretch, inside, type Pair } from '../geometry/polygon';
import { bedOnPlot, type Bed } from './bed';
import { stretchesOf } from './path';
import type { PlanSpot } from './plot';

/** A line is looked at every so far: a sixth of what is forgiven at the edge of a bed (from memory). mm. */
const LOOK_MM = 25;

/**
 * Beds that a line of corners goes through, and how far it goes in each. mm.
 * @example bedsAcross(spots, false, plan.beds).map(({ bed }) => bed.name)
 */
export function bedsAcross(
  spots: readonly { xMm: number; yMm: number }[],
  closed: boolean,
  beds: readonly Bed[],
): { bed: Bed; mm: number }[] {
  const stretches = stretchesOf(spots, closed).map(
    ({ from, to, longMm }): { from: Pair; to: Pair; longMm: number } => ({
      from: [from.xMm, from.yMm],
      to: [to.xMm, to.yMm],
      longMm,
    }),
  );
  return beds.flatMap((bed) => {
    const outline: PlanSpot[] = bedOnPlot(bed);
    const farMm = Math.max(...outline.map(([x, y]) => Math.hypot(x - bed.xMm, y - bed.yMm)));
    const mm = stretches.reduce((sum, { from, to, longMm }) => {
      if (distanceToStretch([bed.xMm, bed.yMm], from, to) > farMm) return sum;
      const looks = Math.max(1, Math.ceil(longMm / LOOK_MM));
      const within = Array.from({ length: looks }, (_, i) => (i + 0.5) / looks).filter((share) =>
        inside([from[0] + share * (to[0] - from[0]), from[1] + share * (to[1] - from[1])], outline),
      );
      return sum + (within.length / looks) * longMm;
    }, 0);
    return mm > 0 ? [{ bed, mm }] : [];
  });
}
