import { uprightArch, type UprightArch } from '../../../statics/elastica';
import { asItGives, yieldingArch, type Section } from '../../../statics/yielding';

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

/** Less than this of free strip is no bow (from memory). mm. */
const LEAST_FREE_MM = 300;

/** What a strip is between feet that are given, and the section that gives where it is bent too far; none where it is bent to a form. */
export interface BowOf {
  spanMm: number;
  liftMm: number;
  heldMm: number;
  lengthMm: number;
  section: Section | null;
}

/** The bow of a strip between feet that are given; null where it does not reach. */
export function bowOf({ section, ...o }: BowOf): Bow | null {
  const heldMm = Math.min(o.heldMm, (o.lengthMm - LEAST_FREE_MM) / 2);
  if (heldMm <= 0) return null;
  const freeMm = o.lengthMm - 2 * heldMm;
  const free = section ? yieldingArch(o.spanMm, freeMm, section) : uprightArch(o.spanMm, freeMm);
  return free && { ...o, heldMm, free, crownMm: o.liftMm + heldMm + free.riseMm };
}

/** Widest span a strip reaches across with feet held so, less a hair. mm. */
export const widestSpan = (lengthMm: number, heldMm: number): number =>
  0.89 * (lengthMm - 2 * Math.min(heldMm, (lengthMm - LEAST_FREE_MM) / 2));

/** How many steps the searches below take: to about a millimetre. */
const STEPS = 14;
/** The span at which a strip has a headroom: the wider, the lower. As near as it can come within the limits. mm. */
export function spanFor(o: Omit<BowOf, 'spanMm'> & { crownMm: number; least: number; most: number }): number {
  const springy = { ...o, section: null };
  return asItGives(o.crownMm, (crownMm) => springySpan({ ...springy, crownMm }), {
    gives: (spanMm) => bowOf({ ...o, spanMm })?.crownMm ?? null,
    springs: (spanMm) => bowOf({ ...springy, spanMm })?.crownMm ?? null,
  });
}

function springySpan(o: Omit<BowOf, 'spanMm'> & { crownMm: number; least: number; most: number }): number {
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

/** The length of a hoop, bent to a form, that has a headroom over a span. As near as it can come within the limits. mm. */
export function lengthFor(o: {
  crownMm: number;
  spanMm: number;
  liftMm: number;
  heldMm: number;
  most: number;
}): number {
  let [low, high] = [o.spanMm / 0.89 + 2 * o.heldMm, o.most];
  const tooLow = (lengthMm: number): boolean =>
    (bowOf({ ...o, lengthMm, section: null })?.crownMm ?? -Infinity) < o.crownMm;
  if (high <= low || tooLow(high)) return Math.max(low, high);
  for (let i = 0; i < STEPS; i++) {
    const middle = (low + high) / 2;
    if (tooLow(middle)) low = middle;
    else high = middle;
  }
  return high;
}
