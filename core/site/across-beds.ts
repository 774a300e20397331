import { distanceToStretch, inside, type Pair } from '../geometry/polygon';
import { bedOnPlot, type Bed } from './bed';
import { stretchesOf } from './path';

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
  const stretches = stretchesOf(spots, closed);
  return beds.flatMap((bed) => {
    const outline = bedOnPlot(bed);
    const farMm = Math.max(...outline.map(([x, y]) => Math.hypot(x - bed.xMm, y - bed.yMm)));
    const mm = stretches.reduce((sum, { from, to, longMm }) => {
      const ends: [Pair, Pair] = [
        [from.xMm, from.yMm],
        [to.xMm, to.yMm],
      ];
      if (distanceToStretch([bed.xMm, bed.yMm], ...ends) > farMm) return sum;
      const everyMm = longMm / Math.max(1, Math.ceil(longMm / LOOK_MM));
      const [dx, dy] = [(to.xMm - from.xMm) / longMm, (to.yMm - from.yMm) / longMm];
      let within = 0;
      for (let at = everyMm / 2; at < longMm; at += everyMm)
        if (inside([from.xMm + at * dx, from.yMm + at * dy], outline)) within += everyMm;
      return sum + within;
    }, 0);
    return mm > 0 ? [{ bed, mm }] : [];
  });
}
