import type { Point } from '../../../geometry/space';
import type { PathSpot } from '../../../site/stand';
import { equalBays } from '../../rules/spacing';

/** A straight run of the path between two corners, in the structure's own frame: its zero is the first corner. */
export interface Leg {
  index: number;
  from: Point;
  to: Point;
  /** Level length, and where it begins along the path. mm. */
  longMm: number;
  startsMm: number;
  /** Level and unit: along it, and out to its left. */
  along: Point;
  out: Point;
}

/** A post: where on the soil, on which legs, and what it is. */
export interface FencePost {
  id: string;
  at: Point;
  legs: readonly number[];
  /** Along the path, level. */
  atMm: number;
  kind: 'end' | 'corner' | 'gate' | 'line';
}

/** A stretch between two neighbouring posts of one leg, filled or left open for the gate. */
export interface Bay {
  leg: Leg;
  from: FencePost;
  to: FencePost;
  gate: boolean;
}

export interface Run {
  legs: readonly Leg[];
  posts: readonly FencePost[];
  bays: readonly Bay[];
  /** Along the path on the soil. mm. */
  lengthMm: number;
  /** The leg the gate was meant for, and the straight room it has there between posts. */
  gate: { leg: Leg; roomMm: number; built: boolean } | null;
}

/** Legs of a path, corner to corner; a closed one comes back to the first. */
export function legsOf(spots: readonly PathSpot[], closed: boolean): Leg[] {
  const [zero] = spots;
  if (!zero) return [];
  const points = [...spots, ...(closed ? [zero] : [])].map((spot): Point => [
    spot.xMm - zero.xMm,
    spot.yMm - zero.yMm,
    spot.groundMm - zero.groundMm,
  ]);
  let startsMm = 0;
  return points.slice(1).map((to, index): Leg => {
    const from = points[index] as Point;
    const longMm = Math.hypot(to[0] - from[0], to[1] - from[1]);
    const along: Point = [(to[0] - from[0]) / longMm, (to[1] - from[1]) / longMm, 0];
    const leg: Leg = { index, from, to, longMm, startsMm, along, out: [-along[1], along[0], 0] };
    startsMm += longMm;
    return leg;
  });
}

/** The soil at a distance along a leg. */
export const onLeg = (leg: Leg, alongMm: number, upMm = 0, outMm = 0): Point => [
  leg.from[0] + leg.along[0] * alongMm + leg.out[0] * outMm,
  leg.from[1] + leg.along[1] * alongMm + leg.out[1] * outMm,
  leg.from[2] + ((leg.to[2] - leg.from[2]) * alongMm) / leg.longMm + upMm,
];

/** Bays of one length from the start, and a rest; a rest of less than a foot is taken into the last. mm. */
function repeatedBays(fromMm: number, toMm: number, bayMm: number): number[] {
  const whole = Math.max(1, Math.floor((toMm - fromMm + 0.5) / bayMm));
  const rest = toMm - fromMm - whole * bayMm;
  const places = Array.from({ length: whole + 1 }, (_, i) => fromMm + i * bayMm).filter((at) => at <= toMm + 0.5);
  return rest > 305 || places.length < 2 ? [...places, toMm] : [...places.slice(0, -1), toMm];
}

/** Least run beside a gate's post before the next. mm. */
const BESIDE_GATE_MM = 150;

/**
 * Divides a path: a post at every end and corner, gate posts either side of its gateway, and between
 * those equal bays (or bays of one length), none wider than the limit.
 * @example layRun([{xMm:0,yMm:0,groundMm:0},{xMm:4800,yMm:0,groundMm:0}], false, { bayMm: 2400, bays: 'equal', postMm: 90, gate: null }).posts.length // 3
 */
export function layRun(
  spots: readonly PathSpot[],
  closed: boolean,
  o: { bayMm: number; bays: 'equal' | 'panel'; postMm: number; gate: { atMm: number; clearMm: number } | null },
): Run {
  const legs = legsOf(spots, closed);
  const total = legs.reduce((sum, leg) => sum + leg.longMm, 0);
  const at = o.gate ? Math.min(total, o.gate.atMm) : 0;
  const gateLeg = o.gate ? (legs.find((leg) => at <= leg.startsMm + leg.longMm + 1e-6) ?? legs.at(-1)) : undefined;
  const half = o.gate ? (o.gate.clearMm + o.postMm) / 2 : 0;
  const roomMm = gateLeg ? gateLeg.longMm - 2 * o.postMm : 0;
  const built = gateLeg !== undefined && gateLeg.longMm >= 2 * half;
  const posts: FencePost[] = [];
  const bays: Bay[] = [];
  const post = (leg: Leg, alongMm: number, kind: FencePost['kind']): FencePost => {
    const made: FencePost = {
      id: `post-${posts.length + 1}`,
      at: onLeg(leg, alongMm),
      legs: [leg.index],
      atMm: leg.startsMm + alongMm,
      kind,
    };
    posts.push(made);
    return made;
  };
  const share = (one: FencePost, leg: Leg): FencePost => {
    const both: FencePost = { ...one, legs: [...one.legs, leg.index], kind: one.kind === 'end' ? 'corner' : one.kind };
    posts[posts.indexOf(one)] = both;
    for (const bay of bays) {
      if (bay.from === one) bay.from = both;
      if (bay.to === one) bay.to = both;
    }
    return both;
  };
  let last: FencePost | null = null;
  for (const leg of legs) {
    const wanted = leg === gateLeg && built ? at - leg.startsMm : null;
    // A gate near a corner is moved off it, or shares the corner's post.
    const middle = wanted === null ? null : settled(wanted, half, leg.longMm);
    const [g0, g1] = middle === null ? [-1, -1] : [middle - half, middle + half];
    const stretches: [number, number][] =
      middle === null
        ? [[0, leg.longMm]]
        : [
            [0, g0],
            [g1, leg.longMm],
          ];
    const places = stretches
      .filter(([a, b]) => b - a > 1)
      .flatMap(([a, b]) => (o.bays === 'panel' ? repeatedBays(a, b, o.bayMm) : equalBays([a, b], o.bayMm)));
    if (middle !== null) places.push(g0, g1);
    const sorted = [...new Set(places.map((one) => Math.round(one * 1000) / 1000))].sort((a, b) => a - b);
    let before: FencePost | null = null;
    sorted.forEach((place, i) => {
      const isGate = middle !== null && (Math.abs(place - g0) < 1 || Math.abs(place - g1) < 1);
      const first = i === 0;
      const closes = closed && leg === legs.at(-1) && i === sorted.length - 1 && posts[0];
      const kind = isGate ? 'gate' : first || i === sorted.length - 1 ? 'end' : 'line';
      let here: FencePost;
      if (first && last) here = share(last, leg);
      else if (closes) here = share(posts[0] as FencePost, leg);
      else here = post(leg, place, kind);
      if (isGate && here.kind !== 'gate') {
        const gated: FencePost = { ...here, kind: 'gate' };
        posts[posts.indexOf(here)] = gated;
        for (const bay of bays) {
          if (bay.from === here) bay.from = gated;
          if (bay.to === here) bay.to = gated;
        }
        here = gated;
      }
      if (before)
        bays.push({
          leg,
          from: before,
          to: here,
          gate: middle !== null && Math.abs((sorted[i - 1] as number) - g0) < 1 && Math.abs(place - g1) < 1,
        });
      before = here;
    });
    last = before;
  }
  const lengthMm = legs.reduce((sum, leg) => sum + Math.hypot(leg.longMm, leg.to[2] - leg.from[2]), 0);
  return { legs, posts, bays, lengthMm, gate: gateLeg ? { leg: gateLeg, roomMm, built } : null };
}

/** The middle of a gate on its run: one so near an end that nothing goes between shares the end's post. */
function settled(wantedMm: number, halfMm: number, longMm: number): number {
  if (wantedMm - halfMm < BESIDE_GATE_MM) return halfMm;
  return wantedMm + halfMm > longMm - BESIDE_GATE_MM ? longMm - halfMm : wantedMm;
}
