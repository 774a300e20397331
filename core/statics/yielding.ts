import { followed, roundInertia, uprightArch, type Followed, type UprightArch } from './elastica';

/** A round bar, or a pipe with a wall (nought for a bar). mm, MPa. */
export interface Section {
  diameterMm: number;
  wallMm: number;
  stiffnessMpa: number;
  yieldMpa: number;
}

/**
 * Past its yield a fibre goes on taking this share of what it took before it: 2 % (from memory; drawn wire and pipe
 * harden a little).
 */
const HARDENING = 0.02;

/**
 * Where a section begins to give: κ = 2σ / (E d), the bending formula (Timoshenko, *Strength of Materials*, part I,
 * art. 23). 1/mm.
 */
export const yieldCurvature = ({ diameterMm, stiffnessMpa, yieldMpa }: Section): number =>
  (2 * yieldMpa) / (stiffnessMpa * diameterMm);

const stiffnessOf = (section: Section): number =>
  section.stiffnessMpa * roundInertia(section.diameterMm, section.wallMm);

/**
 * Moment of a solid round section whose stress grows with the distance from its middle up to `coreMm` and is the
 * yield beyond. N mm.
 */
function plasticMoment(
  radiusMm: number,
  coreMm: number,
  curvature: number,
  { stiffnessMpa, yieldMpa }: Section,
): number {
  const [r, c] = [radiusMm, Math.min(radiusMm, coreMm)];
  if (r <= 0) return 0;
  const beyond = Math.sqrt(Math.max(0, r * r - c * c));
  // ∫ y² b dy over the core and ∫ y b dy beyond it, with b = 2√(r² − y²).
  const core = 4 * ((r ** 4 / 8) * Math.asin(c / r) - (c / 8) * (r * r - 2 * c * c) * beyond);
  return stiffnessMpa * curvature * core + yieldMpa * (4 / 3) * beyond ** 3;
}

/**
 * The moment that holds a round section at a curvature: plane sections, elastic to its yield, giving beyond it with a
 * little {@link HARDENING} (plastic bending; Timoshenko, *Strength of Materials*, part II, art. 64). N mm, 1/mm.
 */
export function momentAt(curvature: number, section: Section): number {
  const bent = Math.abs(curvature);
  if (bent === 0) return 0;
  const core = section.yieldMpa / (section.stiffnessMpa * bent);
  const outer = plasticMoment(section.diameterMm / 2, core, bent, section);
  const inner = section.wallMm > 0 ? plasticMoment(section.diameterMm / 2 - section.wallMm, core, bent, section) : 0;
  const held = (1 - HARDENING) * (outer - inner) + HARDENING * stiffnessOf(section) * bent;
  return Math.sign(curvature) * held;
}

/** The curvature that stays when what was bent so far is let go: it springs back by M/EI, elastically. 1/mm. */
export const staysAt = (curvature: number, section: Section): number =>
  curvature - momentAt(curvature, section) / stiffnessOf(section);

/**
 * The curvature to which it has to be bent so that a given one stays: {@link staysAt} turned round, by halving. 1/mm.
 * @example staysAt(bentToKeep(0.002, rod), rod) // 0.002
 */
export function bentToKeep(stays: number, section: Section): number {
  // What springs back is less than what holds it: of a bar 16/(3π) of its first yield, and what it hardens by.
  let [low, high] = [stays, (stays + 2 * yieldCurvature(section)) / (1 - HARDENING)];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (staysAt(middle, section) < stays) low = middle;
    else high = middle;
  }
  return high;
}

/** Rows of the table of moments that is turned round, and how many yield curvatures it goes to. */
const ROWS = 300;
const FAR = 200;

/** The curvature at a moment over EI: {@link momentAt} turned round, from a table. */
function curvatureFrom(section: Section): (moment: number) => number {
  const [ei, first] = [stiffnessOf(section), yieldCurvature(section)];
  const curvatures = new Float64Array(ROWS + 1);
  const moments = new Float64Array(ROWS + 1);
  for (let i = 0; i <= ROWS; i++) {
    const curvature = first * FAR ** (i / ROWS);
    curvatures[i] = curvature;
    moments[i] = momentAt(curvature, section) / ei;
  }
  // A strip is followed in small steps: what is asked next lies beside what was asked last.
  let low = 0;
  return (moment) => {
    const held = Math.abs(moment);
    if (held <= first) return moment;
    while (low > 0 && moments[low]! > held) low--;
    while (low < ROWS - 1 && moments[low + 1]! <= held) low++;
    const share = (held - moments[low]!) / (moments[low + 1]! - moments[low]!);
    return Math.sign(moment) * (curvatures[low]! + share * (curvatures[low + 1]! - curvatures[low]!));
  };
}

/**
 * Steps of the integration while it is looked for; Newton's turns at the most; how near it goes, in radians and
 * shares of the span.
 */
const COARSE = 64;
const TURNS = 30;
const NEAR = 1e-7;
const FOUND = 1e-4;
/** From one yield to the next, no more than so much softer. */
const SOFTER = 0.7;

/**
 * The shape of a strip between feet held upright whose section gives where it is bent too far: {@link uprightArch} while
 * all of it is elastic, else looked for from that by Newton's method, in the moment of its crown and the push of its
 * feet. Every part of it is bent further and further while it is set up, so that none springs back. Null where it
 * cannot reach.
 */
export function yieldingArch(spanMm: number, lengthMm: number, section: Section): UprightArch | null {
  const { diameterMm, wallMm, stiffnessMpa, yieldMpa } = section;
  const asked = [spanMm, lengthMm, diameterMm, wallMm, stiffnessMpa, yieldMpa].join();
  const before = FOUND_BEFORE.get(asked);
  if (before !== undefined) return before;
  const arch = lookFor(spanMm, lengthMm, section);
  if (FOUND_BEFORE.size >= MOST_KEPT) FOUND_BEFORE.clear();
  FOUND_BEFORE.set(asked, arch);
  return arch;
}
/** The same strip is asked for again by every mend that leaves it as it is: a look takes thousands of steps. */
const FOUND_BEFORE = new Map<string, UprightArch | null>();
const MOST_KEPT = 200;

function lookFor(spanMm: number, lengthMm: number, section: Section): UprightArch | null {
  const elastic = uprightArch(spanMm, lengthMm);
  if (!elastic) return null;
  const most = Math.max(Math.abs(elastic.crownPerMm), Math.abs(elastic.footPerMm)) / yieldCurvature(section);
  if (most <= 1) return elastic;
  // From a wire that just does not give down to this one, each from the shape of the one before.
  const steps = Math.ceil(Math.log(most) / Math.log(1 / SOFTER));
  let at: Unknowns = [elastic.crownPerMm * lengthMm, -elastic.pushPerEi * lengthMm ** 2];
  for (let i = 1; i <= steps; i++) {
    const softer: Section = { ...section, yieldMpa: section.yieldMpa * most ** (1 - i / steps) };
    const found = newton(at, { spanMm, lengthMm, section: softer }, COARSE);
    if (!found) return elastic;
    at = found;
  }
  at = newton(at, { spanMm, lengthMm, section }) ?? at;
  return follow(at, { spanMm, lengthMm, section }, curvatureFrom(section)).arch;
}

/** The bend of the crown and the push of the feet over EI, in units of the length, so that both are about one. */
type Unknowns = readonly [crown: number, h: number];
interface Strip {
  spanMm: number;
  lengthMm: number;
  section: Section;
}

const follow = ([crown, h]: Unknowns, strip: Strip, bend: (moment: number) => number, steps?: number): Followed =>
  followed(
    {
      spanMm: strip.spanMm,
      lengthMm: strip.lengthMm,
      moment: momentAt(crown / strip.lengthMm, strip.section) / stiffnessOf(strip.section),
      h: h / strip.lengthMm ** 2,
      bend,
    },
    steps,
  );

/**
 * Newton's method for a strip whose feet come out upright and where they were asked for; null where it does not get
 * there.
 */
function newton(from: Unknowns, strip: Strip, steps?: number): Unknowns | null {
  const bend = curvatureFrom(strip.section);
  const missed = (at: Unknowns): Unknowns => {
    const { turnedRad, reachMm } = follow(at, strip, bend, steps);
    return [turnedRad - Math.PI / 2, reachMm / (strip.spanMm / 2) - 1];
  };
  const size = ([a, b]: Unknowns): number => Math.hypot(a, b);
  let at = from;
  let off = missed(at);
  for (let turn = 0; turn < TURNS && size(off) > NEAR; turn++) {
    const [byC, byH] = [1e-5 * Math.max(1, Math.abs(at[0])), 1e-5 * Math.max(1, Math.abs(at[1]))];
    const [c, h] = [missed([at[0] + byC, at[1]]), missed([at[0], at[1] + byH])];
    const [a, b] = [(c[0] - off[0]) / byC, (h[0] - off[0]) / byH];
    const [d, e] = [(c[1] - off[1]) / byC, (h[1] - off[1]) / byH];
    const det = a * e - b * d;
    if (Math.abs(det) < 1e-14) return null;
    const go: Unknowns = [(b * off[1] - e * off[0]) / det, (d * off[0] - a * off[1]) / det];
    // Shorter steps where a whole one makes it worse.
    const better = [1, 1 / 2, 1 / 4, 1 / 8, 1 / 16, 1 / 32]
      .map((share): Unknowns => [at[0] + share * go[0], at[1] + share * go[1]])
      .find((next) => size(missed(next)) < size(off));
    if (!better) break;
    at = better;
    off = missed(at);
  }
  return size(off) < FOUND ? at : null;
}

/** How often it is put right: what gives stands a few hundredths higher than what springs. */
const PUT_RIGHT = 3;
/** As near as a height is put right. mm. */
const NEAR_MM = 0.2;

/**
 * The span, or the length, at which a strip that gives stands so high: what a springy one would want (`springy`), put
 * right by how much higher the one that gives stands there (`gives`, `springs`; null where it does not reach). mm.
 */
export function asItGives(
  heightMm: number,
  springy: (heightMm: number) => number,
  standing: { gives: (at: number) => number | null; springs: (at: number) => number | null },
): number {
  let at = springy(heightMm);
  for (let i = 0; i < PUT_RIGHT; i++) {
    const [gives, springs] = [standing.gives(at), standing.springs(at)];
    if (gives === null || springs === null || Math.abs(gives - heightMm) < NEAR_MM) break;
    at = springy(heightMm - (gives - springs));
  }
  return at;
}
