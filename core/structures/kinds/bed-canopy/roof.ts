import type { Timber } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { add, scale, unit, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { SetPost } from '../../assemblies/set-post';
import { aslant } from '../../rules/aslant';
import { curveIn, sawnRafter, sawnRound, type DoubleCurve } from './curve';

/** Between two heads under the boss (from memory). mm. */
const APART_MM = 4;
/** The saw goes round inside the edges of the board (from memory). mm. */
const ROUND_IN_MM = inches(0.125);
/** A bracket under the boss sits so far out from the inner tip of a rafter, with so many screws: two each way (from memory). mm. */
const BRACKET_IN_MM = inches(1.2);
const BRACKET_SCREWS = 4;
/** No bracket sits nearer to the edge of the boss (from memory). mm. */
const BOSS_EDGE_MM = inches(0.5);

export interface Roof {
  rafters: Bar[];
  boss: Bar;
  joints: Joint[];
  curve: DoubleCurve;
}

/**
 * Four rafters from the middles of the posts' tops up to a boss over the middle, all to one template: level cuts below
 * and above, a double curve between. `topMm` is the height of the posts' tops over the frame's zero. mm.
 */
export function layRoof(
  posts: readonly SetPost[],
  o: { middle: Point; riseMm: number; swingMm: number; of: Timber; bossOf: Timber },
): Roof {
  const [first] = posts as [SetPost];
  const reachMm = Math.hypot(first.to[0] - o.middle[0], first.to[1] - o.middle[1]);
  const curve = curveIn(o.of.wideMm, o.swingMm);
  // The heads keep clear of each other: those of two corners come together at the narrower of the two angles.
  const [dx, dy] = [Math.abs(first.to[0] - o.middle[0]), Math.abs(first.to[1] - o.middle[1])];
  const halfAngle = Math.atan2(Math.min(dx, dy), Math.max(dx, dy));
  const tipMm = (o.of.thickMm + APART_MM) / 2 / Math.sin(halfAngle);
  const riseRad = slopeOf(reachMm - tipMm, o.riseMm, curve.deepMm);
  const headMm = tipMm + curve.deepMm / (2 * Math.sin(riseRad));
  const longMm = Math.hypot(reachMm - headMm, o.riseMm);
  const cutMm = curve.deepMm / Math.tan(riseRad);
  const sawn = sawnRafter(curve, { longMm, riseRad });
  const made = posts.map((post, i) => {
    const inwards = unit([o.middle[0] - post.to[0], o.middle[1] - post.to[1], 0]);
    const axis: Point = [inwards[0] * Math.cos(riseRad), inwards[1] * Math.cos(riseRad), Math.sin(riseRad)];
    const wide: Point = [-inwards[0] * Math.sin(riseRad), -inwards[1] * Math.sin(riseRad), Math.cos(riseRad)];
    const from = add(post.to, scale(axis, -cutMm / 2));
    const bar = barOf({
      id: `rafter-${i + 1}`,
      role: 'rafter',
      of: o.of,
      from,
      to: add(from, scale(axis, longMm + cutMm)),
      wide,
      sawn,
      ends: [{ cut: 'shaped' }, { cut: 'shaped' }],
    });
    return { bar, post, inwards };
  });
  const level = first.to[2] + o.riseMm;
  const across = o.bossOf.wideMm - 2 * ROUND_IN_MM;
  // Where two heads come together at a narrow angle they end farther out: the boss is longer that way, its ends round.
  const bossMm = Math.max(across, 2 * ((tipMm + BRACKET_IN_MM) * Math.cos(halfAngle) + BOSS_EDGE_MM));
  const along: Point = dx >= dy ? [1, 0, 0] : [0, 1, 0];
  const heart: Point = [o.middle[0], o.middle[1], level + o.bossOf.thickMm / 2];
  const boss = barOf({
    id: 'boss',
    role: 'boss',
    of: o.bossOf,
    from: add(heart, scale(along, -bossMm / 2)),
    to: add(heart, scale(along, bossMm / 2)),
    wide: dx >= dy ? [0, 1, 0] : [1, 0, 0],
    sawn: sawnRound(across, bossMm),
    ends: [{ cut: 'shaped' }, { cut: 'shaped' }],
  });
  const onPosts = made.map(({ bar, post, inwards }): Joint => ({
    id: `${bar.id}-${post.id}`,
    kind: 'rafter on post',
    places: [post.to],
    parts: [bar.id, post.id],
    fixings: aslant(bar, post.id, post.to, inwards, 1, 'screw-75'),
  }));
  const underBoss = made.map(({ bar, inwards }): Joint => {
    const out = bossMm > across ? tipMm + BRACKET_IN_MM : Math.min(tipMm + BRACKET_IN_MM, across / 2 - BOSS_EDGE_MM);
    const at: Point = [o.middle[0] - inwards[0] * out, o.middle[1] - inwards[1] * out, level];
    return {
      id: `boss-${bar.id}`,
      kind: 'boss on rafter',
      places: [at],
      parts: ['boss', bar.id],
      // In the angle under the boss, on one face of the rafter.
      fixings: [
        { stock: 'l-bracket', count: 1 },
        { stock: 'screw-bracket', count: BRACKET_SCREWS },
      ],
    };
  });
  return { rafters: made.map(({ bar }) => bar), boss, joints: [...onPosts, ...underBoss], curve };
}

/** How steeply a rafter rises whose level cut above reaches half of itself back from its tip: by halving. Radians. */
function slopeOf(outMm: number, riseMm: number, deepMm: number): number {
  let [low, high] = [0.01, Math.PI / 2 - 0.01];
  for (let i = 0; i < 50; i++) {
    const middle = (low + high) / 2;
    const run = outMm - deepMm / (2 * Math.sin(middle));
    if (run <= 0 || Math.tan(middle) * run < riseMm) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
