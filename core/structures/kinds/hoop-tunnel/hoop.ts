import { tightestRadius, uprightArch } from '../../../statics/elastica';
import { asItGives, yieldingArch, type Section } from '../../../statics/yielding';

/** How a hoop is bent: about a form to half a circle or half an ellipse, or sprung, as a straight rod lies that stands upright at both feet. */
export type HoopShape = 'circle' | 'ellipse' | 'sprung';

/** One hoop over the soil, from its front foot to its back: places across and up, how long, how high, its tightest bend. mm. */
export interface Hoop {
  points: readonly (readonly [acrossMm: number, upMm: number])[];
  lengthMm: number;
  heightMm: number;
  tightMm: number;
}

/** Steps from one foot to the other. */
const STEPS = 64;
/** A sprung rod is at least so many times as long as its span (an arch with upright feet has no flatter shape worth the name). */
const LEAST_LONG = 1.14;
const SEARCH_STEPS = 18;
/** As near as its height is found. mm. */
const NEAR_MM = 0.2;

/**
 * A hoop of a span and a height. Half a circle is half its span high, and stands on straight legs where more is
 * wanted; a sprung one is never lower than a rod of {@link LEAST_LONG} spans makes it, and gives where it is bent too far.
 * @example hoopOf('circle', 1200, 600, rod).lengthMm // 1885: π × 600
 */
export function hoopOf(shape: HoopShape, spanMm: number, heightMm: number, section: Section): Hoop {
  if (shape === 'sprung') return sprung(spanMm, heightMm, section);
  const half = spanMm / 2;
  if (shape === 'circle') {
    const leg = Math.max(0, heightMm - half);
    return { ...roundTop(half, half, leg), tightMm: half };
  }
  // The tightest bend of an ellipse is at the end of its longer axis: b²/a there.
  const [long, short] = [Math.max(half, heightMm), Math.min(half, heightMm)];
  return { ...roundTop(half, heightMm, 0), tightMm: short ** 2 / long };
}

/** Half an ellipse (or a circle) on two upright legs. */
function roundTop(half: number, rise: number, leg: number): Omit<Hoop, 'tightMm'> {
  const top = Array.from({ length: STEPS + 1 }, (_, i) => {
    const at = Math.PI - (Math.PI * i) / STEPS;
    return [half * Math.cos(at), leg + rise * Math.sin(at)] as const;
  });
  return {
    points: leg > 0 ? [[-half, 0], ...top, [half, 0]] : top,
    lengthMm: halfEllipse(half, rise) + 2 * leg,
    heightMm: leg + rise,
  };
}

/**
 * Half the way round an ellipse: the integral of √(a² sin² t + b² cos² t), by the trapezoid rule, which for a
 * whole period falls off faster than any power of its step (Trefethen & Weideman 2014, SIAM Review 56). mm.
 */
function halfEllipse(a: number, b: number): number {
  const steps = 256;
  let sum = 0;
  for (let i = 0; i < steps; i++) {
    const t = (Math.PI * (i + 0.5)) / steps;
    sum += Math.hypot(a * Math.sin(t), b * Math.cos(t));
  }
  return (Math.PI / steps) * sum;
}

/** The rod that springs to a height. */
function sprung(spanMm: number, heightMm: number, section: Section): Hoop {
  const lengthMm = asItGives(heightMm, (high) => springyLength(spanMm, high), {
    gives: (long) => yieldingArch(spanMm, long, section)?.riseMm ?? null,
    springs: (long) => uprightArch(spanMm, long)?.riseMm ?? null,
  });
  const found = yieldingArch(spanMm, lengthMm, section);
  if (!found) throw new Error(`A rod of ${lengthMm} does not span ${spanMm}: keep it over LEAST_LONG spans.`);
  return {
    points: found.points.map((one) => [one.acrossMm, one.upMm] as const),
    lengthMm,
    heightMm: found.riseMm,
    tightMm: tightestRadius(found),
  };
}

/** How long a rod that stays springy has to be for a height: regula falsi between two lengths, since the longer is the higher, and nearly in proportion. mm. */
function springyLength(spanMm: number, heightMm: number): number {
  const over = (lengthMm: number): number => (uprightArch(spanMm, lengthMm)?.riseMm ?? 0) - heightMm;
  let [low, high] = [LEAST_LONG * spanMm, 2.2 * heightMm + 1.2 * spanMm];
  let [below, above] = [over(low), over(high)];
  let lengthMm = low;
  if (below < 0)
    for (let i = 0; i < SEARCH_STEPS; i++) {
      lengthMm = high - (above * (high - low)) / (above - below);
      const left = over(lengthMm);
      if (Math.abs(left) < NEAR_MM) break;
      if (left < 0) [low, below] = [lengthMm, left];
      else [high, above] = [lengthMm, left];
    }
  return lengthMm;
}

/** How high a hoop stands over the soil at a place across it; nought outside its feet. mm. */
export function heightAcross({ points }: Pick<Hoop, 'points'>, acrossMm: number): number {
  let high = 0;
  points.slice(1).forEach(([x, up], i) => {
    const [x0, up0] = points[i] as readonly [number, number];
    if ((acrossMm - x0) * (acrossMm - x) > 0) return;
    high = Math.max(high, x === x0 ? Math.max(up, up0) : up0 + ((up - up0) * (acrossMm - x0)) / (x - x0));
  });
  return high;
}
