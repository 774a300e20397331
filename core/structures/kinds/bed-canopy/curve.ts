import type { Sawn, SawnAt } from '../../../design/shapes/bar';

/** A saw leaves a tip no thinner (from memory). mm. */
const TIP_MM = 1;
/** Points along the curve: straight between them, no farther off it than the line is thick (from memory). */
const STEPS = 24;
/** So that the swing of the curve is what is asked for: the greatest of sin 2πt · sin πt is 0.770 (its derivative is nought where cos² πt = ⅓). */
const GREATEST = (4 / 3) * Math.sqrt(1 / 3);

/** A rafter as it is sawn out of its board: how far its middle line swings to both sides, and what is left between its edges. mm. */
export interface DoubleCurve {
  /** As wide as the board, less the swing to both sides. */
  deepMm: number;
  swingMm: number;
}

/** The curve that a board so wide gives when it swings so far, no farther than leaves a third of the board. mm. */
export function curveIn(wideMm: number, swingMm: number): DoubleCurve {
  const swing = Math.min(swingMm, wideMm / 3);
  return { deepMm: wideMm - 2 * swing, swingMm: swing };
}

/**
 * The share of a rafter's depth in which the grain runs on from end to end: what lies in the straight strip between the
 * innermost reach of both edges. Nought where there is none.
 */
export const grainShare = ({ deepMm, swingMm }: DoubleCurve): number => Math.max(0, (deepMm - 2 * swingMm) / deepMm);

/** How far the middle line is off its chord at a share of the way: full below, hollow above. mm. */
export const swingAt = ({ swingMm }: Pick<DoubleCurve, 'swingMm'>, share: number): number =>
  (swingMm * Math.sin(2 * Math.PI * share) * Math.sin(Math.PI * share)) / GREATEST;

/**
 * A rafter of a double curve between two level cuts: its axis rises by `riseRad` over `longMm` from the middle of one cut
 * to the middle of the other; each cut reaches half of itself past that. mm.
 * @example sawnRafter({ deepMm: 89, swingMm: 25 }, { longMm: 1200, riseRad: Math.PI / 6 }).edges[0] // the tip above the foot
 */
export function sawnRafter(curve: DoubleCurve, o: { longMm: number; riseRad: number }): Sawn {
  const half = curve.deepMm / 2;
  const cut = curve.deepMm / Math.tan(o.riseRad);
  const middle = Array.from({ length: STEPS + 1 }, (_, i): SawnAt => {
    const share = i / STEPS;
    const off = swingAt(curve, share);
    return { atMm: cut + share * (o.longMm - cut), lowMm: off - half, highMm: off + half };
  });
  return {
    template: 'rafter',
    edges: [
      { atMm: 0, lowMm: half - TIP_MM, highMm: half },
      ...middle,
      { atMm: o.longMm + cut, lowMm: -half, highMm: TIP_MM - half },
    ],
  };
}

/** A board so far across with round ends, sawn out of one as wide: round where it is no longer than that. mm. */
export function sawnRound(acrossMm: number, longMm: number): Sawn {
  const half = acrossMm / 2;
  const end = Array.from({ length: STEPS / 2 + 1 }, (_, i): SawnAt => {
    const turned = (Math.PI * i) / STEPS;
    const out = Math.max(TIP_MM, half * Math.sin(turned));
    return { atMm: half * (1 - Math.cos(turned)), lowMm: -out, highMm: out };
  });
  const far = end.toReversed().map((at) => ({ ...at, atMm: longMm - at.atMm }));
  return { template: 'boss', edges: [...end, ...(longMm > acrossMm + 0.5 ? far : far.slice(1))] };
}
