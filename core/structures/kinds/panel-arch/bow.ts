import { uprightArch, type UprightArch } from '../../../statics/elastica';

/** How an arch stands: feet `spanMm` apart, `liftMm` over the path, held upright for `heldMm`; the rest is a free bow. */
export interface Bow {
  spanMm: number;
  liftMm: number;
  heldMm: number;
  lengthMm: number;
  free: UprightArch;
  /** The middle, to the mesh, over the path. */
  crownMm: number;
}

/** Less than this of free strip is no bow. mm. */
const LEAST_FREE_MM = 300;

/** The bow of a strip between feet that are given; null where it does not reach. */
export function bowOf(o: { spanMm: number; liftMm: number; heldMm: number; lengthMm: number }): Bow | null {
  const heldMm = Math.min(o.heldMm, (o.lengthMm - LEAST_FREE_MM) / 2);
  const free = heldMm > 0 ? uprightArch(o.spanMm, o.lengthMm - 2 * heldMm) : null;
  return free && { ...o, heldMm, free, crownMm: o.liftMm + heldMm + free.riseMm };
}

/** Widest span a strip reaches across with feet held so, less a hair. mm. */
export const widestSpan = (lengthMm: number, heldMm: number): number =>
  0.89 * (lengthMm - 2 * Math.min(heldMm, (lengthMm - LEAST_FREE_MM) / 2));

/** How many steps the searches below take: to about a millimetre. */
const STEPS = 14;

/** The span at which a strip has a headroom: the wider, the lower. As near as it can come within the limits. mm. */
export function spanFor(o: {
  crownMm: number;
  liftMm: number;
  heldMm: number;
  lengthMm: number;
  least: number;
  most: number;
}): number {
  let [low, high] = [o.least, Math.min(o.most, widestSpan(o.lengthMm, o.heldMm))];
  const tooHigh = (spanMm: number): boolean => (bowOf({ ...o, spanMm })?.crownMm ?? -Infinity) > o.crownMm;
  if (high <= low || !tooHigh(low)) return low;
  if (tooHigh(high)) return high;
  for (let i = 0; i < STEPS; i++) {
    const middle = (low + high) / 2;
    if (tooHigh(middle)) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** The length of a hoop that has a headroom over a span. As near as it can come within the limits. mm. */
export function lengthFor(o: {
  crownMm: number;
  spanMm: number;
  liftMm: number;
  heldMm: number;
  most: number;
}): number {
  let [low, high] = [o.spanMm / 0.89 + 2 * o.heldMm, o.most];
  const tooLow = (lengthMm: number): boolean => (bowOf({ ...o, lengthMm })?.crownMm ?? -Infinity) < o.crownMm;
  if (high <= low || tooLow(high)) return Math.max(low, high);
  for (let i = 0; i < STEPS; i++) {
    const middle = (low + high) / 2;
    if (tooLow(middle)) low = middle;
    else high = middle;
  }
  return high;
}
