/**
 * A thin strip bent between two feet that are held upright: half of an elastica. The angle θ that it has
 * turned from the crown follows the pendulum equation θ″ = h sin θ (Timoshenko & Gere, *Theory of Elastic
 * Stability*, 2nd ed., art. 2.7: EI dθ/ds = −Py with a horizontal force P; here h = −P/EI, so that a
 * strip that pushes its feet apart has h < 0). Inextensible, weightless, elastic. mm, radians. Decision 11.
 */
export interface UprightArch {
  spanMm: number;
  lengthMm: number;
  /** Crown over the feet. */
  riseMm: number;
  /** Curvature at the crown and at the feet; of the feet negative where the strip bulges out beyond them. 1/mm. */
  crownPerMm: number;
  footPerMm: number;
  /** Outward push on each foot over the bending stiffness EI, 1/mm²; negative where it pulls inward. */
  pushPerEi: number;
  /** Points evenly along it from one foot to the other, the crown in the middle: across from the middle, and up from the feet, with the direction of the strip. */
  points: readonly { acrossMm: number; upMm: number; way: readonly [across: number, up: number] }[];
}

/** Steps of the integration for each half, and how many of its points are kept. */
const STEPS = 256;
const KEPT = 32;
/** A strip this much flatter than straight is straight. */
const FLATTEST = 0.9;
const QUARTER = Math.PI / 2;

/** Gauss–Legendre, five points a panel (Abramowitz & Stegun, table 25.4). */
const NODES = [0, 0.538469310105683, 0.906179845938664] as const;
const WEIGHTS = [0.568888888888889, 0.478628670499366, 0.236926885056189] as const;
/** `f` is told its weight, so that a second integral can be summed on the way. */
function integral(f: (t: number, weight: number) => number, from: number, to: number, panels = 20): number {
  let sum = 0;
  const half = (to - from) / panels / 2;
  for (let i = 0; i < panels; i++) {
    const middle = from + (2 * i + 1) * half;
    for (let n = 0; n < 3; n++) {
      const [weight, off] = [half * (WEIGHTS[n] as number), half * (NODES[n] as number)];
      sum += weight * f(middle + off, weight);
      if (n > 0) sum += weight * f(middle - off, weight);
    }
  }
  return sum;
}

/** Incomplete elliptic integrals of the first and second kind, F(φ, k) and E(φ, k), by their definitions. */
export const ellipticF = (phi: number, k: number): number =>
  integral((t) => 1 / Math.sqrt(1 - (k * Math.sin(t)) ** 2), 0, phi);
export const ellipticE = (phi: number, k: number): number =>
  integral((t) => Math.sqrt(1 - (k * Math.sin(t)) ** 2), 0, phi);

/** Half length and half span of a strip that bends one way all along, for a crown of curvature one and μ = 2h; θ = π/2 − u² takes the singular end away. */
function oneWay(mu: number): { long: number; across: number } {
  let across = 0;
  const long = integral(
    (u, weight) => {
      const theta = QUARTER - u * u;
      const cos = Math.cos(theta);
      const arc = (2 * u) / Math.sqrt(Math.max(1e-300, 1 + mu * (1 - cos)));
      across += weight * arc * cos;
      return arc;
    },
    0,
    Math.sqrt(QUARTER),
    40,
  );
  return { long, across };
}

/** Half length and half span of a strip that bulges out beyond its feet, for h = −1, by elliptic integrals; sin(θmax/2) = k. */
function bulging(k: number): { long: number; across: number } {
  const phi = Math.PI - Math.asin(Math.min(1, Math.SQRT1_2 / k));
  const long = ellipticF(phi, k);
  return { long, across: 2 * ellipticE(phi, k) - long };
}

/** Where a function that goes from one sign to the other between two places is nought: regula falsi, the end that stays halved (Illinois). */
function rootOf(f: (at: number) => number, low: number, high: number): number {
  let [a, b] = [low, high];
  let [fa, fb] = [f(a), f(b)];
  if (fa * fb > 0) return Math.abs(fa) < Math.abs(fb) ? a : b;
  for (let i = 0; i < 80 && Math.abs(b - a) > 1e-13 * (1 + Math.abs(a)); i++) {
    const c = fb === fa ? (a + b) / 2 : b - (fb * (b - a)) / (fb - fa);
    const fc = f(c);
    if (Math.abs(fc) < 1e-14) return c;
    if (fc * fb < 0) [a, fa] = [b, fb];
    else fa /= 2;
    [b, fb] = [c, fc];
  }
  return b;
}

/** Span over length at which the feet are straight: flatter strips bend one way, taller ones bulge. */
const STRAIGHT_FEET = (() => {
  const { long, across } = oneWay(-1);
  return across / long;
})();

/**
 * The shape of a strip of a given length between feet held upright; null where it cannot reach (its
 * length must be a tenth more than the span).
 * @example uprightArch(1200, (Math.PI / 2) * 1200)?.riseMm // 600: half a circle, with no push on its feet
 */
export function uprightArch(spanMm: number, lengthMm: number): UprightArch | null {
  const ratio = spanMm / lengthMm;
  if (!(spanMm > 0) || !(ratio < FLATTEST)) return null;
  let crown: number;
  let h: number;
  if (ratio >= STRAIGHT_FEET) {
    // Wider and wider: μ from −1 up. Taken by its logarithm, since flat strips need it large.
    const mu = Math.exp(rootOf((log) => share(oneWay(Math.exp(log) - 1)) - ratio, -18, 14)) - 1;
    crown = (2 * oneWay(mu).long) / lengthMm;
    h = (mu * crown ** 2) / 2;
  } else {
    const k = rootOf((one) => share(bulging(one)) - ratio, Math.SQRT1_2, 1 - 1e-9);
    const lambda = (2 * bulging(k).long) / lengthMm;
    crown = 2 * k * lambda;
    h = -(lambda ** 2);
  }
  return followed({ spanMm, lengthMm, moment: crown, h }).arch;
}

const share = ({ long, across }: { long: number; across: number }): number => across / long;

/** A strip followed to its foot: as it lies there, how far it has turned (upright is π/2), and how far from the middle it came. */
export interface Followed {
  arch: UprightArch;
  turnedRad: number;
  reachMm: number;
}

/**
 * Follows a strip from its crown to a foot (Runge–Kutta of fourth order), and mirrors it: its moment over EI grows by
 * dm/ds = h sin θ, and it turns by dθ/ds = `bend(m)`, which is m itself while it is elastic.
 */
export function followed(
  o: { spanMm: number; lengthMm: number; moment: number; h: number; bend?: (moment: number) => number },
  steps: number = STEPS,
): Followed {
  const { spanMm, lengthMm, h, bend = (moment) => moment } = o;
  const step = lengthMm / 2 / steps;
  let [theta, moment, across, down] = [0, o.moment, 0, 0];
  const half: { across: number; down: number; theta: number }[] = [{ across: 0, down: 0, theta: 0 }];
  for (let i = 1; i <= steps; i++) {
    const [a1, b1] = [bend(moment), h * Math.sin(theta)];
    const [a2, b2] = [bend(moment + (step / 2) * b1), h * Math.sin(theta + (step / 2) * a1)];
    const [a3, b3] = [bend(moment + (step / 2) * b2), h * Math.sin(theta + (step / 2) * a2)];
    const [a4, b4] = [bend(moment + step * b3), h * Math.sin(theta + step * a3)];
    const next = theta + (step / 6) * (a1 + 2 * a2 + 2 * a3 + a4);
    const after = moment + (step / 6) * (b1 + 2 * b2 + 2 * b3 + b4);
    // Simpson's rule over the step, its middle by a cubic through both ends.
    const middle = (theta + next) / 2 + (step / 8) * (a1 - bend(after));
    across += (step / 6) * (Math.cos(theta) + 4 * Math.cos(middle) + Math.cos(next));
    down += (step / 6) * (Math.sin(theta) + 4 * Math.sin(middle) + Math.sin(next));
    moment = after;
    theta = next;
    if (i % (steps / KEPT) === 0) half.push({ across, down, theta });
  }
  const rise = down;
  // What the integration leaves of the span (a few parts in a million) is shared out, so that feet are where they were asked for.
  const fit = spanMm / 2 / across;
  const right = half.map((one) => ({
    acrossMm: one.across * fit,
    upMm: rise - one.down,
    way: [Math.cos(one.theta), -Math.sin(one.theta)] as const,
  }));
  const left = [...right.slice(1)].reverse().map((one) => ({
    acrossMm: -one.acrossMm,
    upMm: one.upMm,
    way: [one.way[0], -one.way[1]] as const,
  }));
  return {
    arch: {
      spanMm,
      lengthMm,
      riseMm: rise,
      crownPerMm: bend(o.moment),
      footPerMm: bend(moment),
      pushPerEi: -h,
      points: [...left, ...right],
    },
    turnedRad: theta,
    reachMm: across,
  };
}

/** Least radius to which it is bent. mm. */
export const tightestRadius = (arch: Pick<UprightArch, 'crownPerMm' | 'footPerMm'>): number =>
  1 / Math.max(Math.abs(arch.crownPerMm), Math.abs(arch.footPerMm));

/** Second moment of area of a round bar, or of a pipe with a wall: π(d⁴ − (d − 2t)⁴)/64. mm⁴. */
export const roundInertia = (diameterMm: number, wallMm = 0): number =>
  (Math.PI / 64) * (diameterMm ** 4 - (wallMm > 0 ? Math.max(0, diameterMm - 2 * wallMm) ** 4 : 0));

/** Where the cold-drawn low-carbon wire of garden panels gives (from memory: 400 to 550; no standard names it). MPa. */
export const MESH_WIRE_YIELD_MPA = 450;
