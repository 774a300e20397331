import { cross, dot, reach, type Point } from '../../geometry/space';
import type { PathSpot } from '../../site/path';
import type { Guest } from '../../site/stands/opening';
import type { BayAsStood, ViewFrame } from '../../design/design';
import type { Terrain } from '../../site/ground';
import { FROM_ABOVE } from './row-views';
import type { Setting } from '../setting';
import { bayAsStood } from './as-stood';
import { equalBays } from './spacing';

/**
 * A straight run of the path between two corners, in the structure's own frame: its zero is the first corner.
 * Decision 9.
 */
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
  /**
   * By its place in the rule, so that it outlives what changes elsewhere: "post-corner-2", "post-r2-3" (the third after
   * the corner where the second run begins), "post-gate-b" (the far one beside the guest "gate").
   */
  id: string;
  at: Point;
  legs: readonly number[];
  /** Along the path, level. */
  atMm: number;
  kind: 'end' | 'corner' | 'gate' | 'line';
}

/** A stretch between two neighbouring posts of one leg, filled or left open for a guest. */
export interface Bay {
  /** Likewise: "r2-3", the third bay of the second run; "r2-gate-1", the first one after a guest. */
  key: string;
  leg: Leg;
  from: FencePost;
  to: FencePost;
  /** Who stands in it, where it is left open. */
  guest: string | null;
  /** Where a tape may say what is clear: not before a corner or a gateway, which stand where they were set. */
  asStood: BayAsStood | null;
}

/** What a guest that asked for a gap was given: its leg, its middle along that, the straight room it has there, and the bay if there is one. */
export interface Gap {
  guest: Guest;
  leg: Leg;
  middleMm: number;
  roomMm: number;
  bay: Bay | null;
}

export interface Run {
  legs: readonly Leg[];
  posts: readonly FencePost[];
  bays: readonly Bay[];
  /** Along the path on the soil. mm. */
  lengthMm: number;
  gaps: readonly Gap[];
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

/** Least run beside a gate's post before the next (from memory). mm. */
const BESIDE_GAP_MM = 150;

/** Where guests find room on a leg, in order along it: one so near an end or another that nothing goes between shares that post. */
function roomOn(leg: Leg, guests: readonly Guest[], postMm: number): (Omit<Gap, 'bay'> & { fits: boolean })[] {
  let free = 0;
  return guests.map((guest) => {
    const half = (guest.wideMm + postMm) / 2;
    const wanted = guest.atMm - leg.startsMm;
    const middleMm =
      wanted - half < free + BESIDE_GAP_MM
        ? free + half
        : wanted + half > leg.longMm - BESIDE_GAP_MM
          ? leg.longMm - half
          : wanted;
    const roomMm = leg.longMm - free - postMm - BESIDE_GAP_MM;
    // Beside it goes nothing, or a bay.
    const fits = [middleMm - half - free, leg.longMm - middleMm - half].every(
      (rest) => Math.abs(rest) < 1 || rest >= BESIDE_GAP_MM - 1,
    );
    if (fits) free = middleMm + half;
    return { guest, leg, middleMm: fits ? middleMm : Math.max(0, Math.min(leg.longMm, wanted)), roomMm, fits };
  });
}

/** Posts along one leg: bays between its ends and the gaps, and which of them bound a gap. mm. */
function placesOn(
  leg: Leg,
  gaps: readonly [number, number][],
  divide: (from: number, to: number) => number[],
): number[] {
  const edges = [0, ...gaps.flat(), leg.longMm];
  const places = edges.flatMap((to, i) => {
    const from = edges[i - 1];
    // Every second stretch is a gap itself.
    return from === undefined || i % 2 === 0 || to - from <= 1 ? [to] : divide(from, to);
  });
  return [...new Set(places.map((one) => Math.round(one * 1000) / 1000))].sort((a, b) => a - b);
}

/** Least between a post that was measured and the next one of the line, centre to centre (from memory). mm. */
const LEAST_REST_MM = 300;

/**
 * A post of the line as it stands: so far from the one before as was measured, where the next leaves it room.
 * @param meant where those three were meant along the leg; `beforeMm` is where the first of them stands
 */
function lineAsStood(
  { measured, wideMm }: { measured: Setting['measured']; wideMm(kind: FencePost['kind']): number },
  before: FencePost,
  post: string,
  [from = 0, at = 0, next = 0]: readonly number[],
  beforeMm: number,
): { bay: BayAsStood; alongMm: number } | null {
  const faces = (wideMm(before.kind) + wideMm('line')) / 2;
  const room = next - LEAST_REST_MM - beforeMm - faces;
  const plannedMm = at - from - faces;
  if (room < plannedMm / 2) return null;
  const { clearMm, ...bay } = bayAsStood(plannedMm, post, { measured }, room);
  return { bay, alongMm: bay.isMeasured ? beforeMm + clearMm + faces : at };
}

/**
 * Divides a path: a post at every end and corner, posts either side of each guest's gap, and between
 * those equal bays (or bays of one length), none wider than the limit.
 * @example layRun([{xMm:0,yMm:0,groundMm:0},{xMm:4800,yMm:0,groundMm:0}], false, { bayMm: 2400, bays: 'equal', postMm: 90, guests: [] }).posts.length // 3
 */
export function layRun(
  spots: readonly PathSpot[],
  closed: boolean,
  o: {
    bayMm: number;
    bays: 'equal' | 'panel';
    postMm: number;
    guests: readonly Guest[];
    /** What was measured between its posts once they stood, and how wide each of those is. */
    built?: { measured: Setting['measured']; wideMm(kind: FencePost['kind']): number };
  },
): Run {
  const legs = legsOf(spots, closed);
  const posts: FencePost[] = [];
  const bays: Bay[] = [];
  const gaps: Gap[] = [];
  /** A post turns out to be more than it was: a corner, one beside a gap. Its bays are told. */
  const change = (one: FencePost, to: Partial<FencePost>): FencePost => {
    const both: FencePost = { ...one, ...to };
    posts[posts.indexOf(one)] = both;
    for (const bay of bays) {
      if (bay.from === one) bay.from = both;
      if (bay.to === one) bay.to = both;
    }
    return both;
  };
  const share = (one: FencePost, leg: Leg): FencePost =>
    change(one, { legs: [...one.legs, leg.index], kind: one.kind === 'end' ? 'corner' : one.kind });
  const divide = (from: number, to: number): number[] =>
    o.bays === 'panel' ? repeatedBays(from, to, o.bayMm) : equalBays([from, to], o.bayMm);
  let last: FencePost | null = null;
  for (const leg of legs) {
    const end = leg.startsMm + leg.longMm;
    const own = o.guests
      .filter(
        (one) => (leg.index === 0 || one.atMm > leg.startsMm + 1e-6) && (one.atMm <= end + 1e-6 || leg === legs.at(-1)),
      )
      .toSorted((a, b) => a.atMm - b.atMm);
    const asked = roomOn(leg, own, o.postMm);
    const given = asked.flatMap((one): [number, number][] => {
      const half = (one.guest.wideMm + o.postMm) / 2;
      return one.fits ? [[one.middleMm - half, one.middleMm + half]] : [];
    });
    const places = placesOn(leg, given, divide);
    let before: FencePost | null = null;
    let beforeMm = 0;
    const fitted = asked.filter(({ fits }) => fits);
    let [stretch, bay] = [`r${leg.index + 1}`, 0];
    places.forEach((place, i) => {
      const [near, far] = [0, 1].map((side) =>
        fitted.find((_one, n) => Math.abs(place - (given[n]?.[side as 0 | 1] ?? Infinity)) < 1),
      );
      const beside = near ?? far;
      const ends = i === 0 || i === places.length - 1;
      const closes = closed && leg === legs.at(-1) && i === places.length - 1 ? posts[0] : undefined;
      const isFixed = ends || beside !== undefined;
      const id = ends
        ? `post-corner-${leg.index + (i === 0 ? 1 : 2)}`
        : beside
          ? `post-${beside.guest.id}-${beside === near ? 'a' : 'b'}`
          : `post-${stretch}-${bay}`;
      // As far on as was measured, as long as what comes next has room.
      const stood =
        isFixed || !before || !o.built ? null : lineAsStood(o.built, before, id, places.slice(i - 1, i + 2), beforeMm);
      const alongMm = stood?.alongMm ?? place;
      let here: FencePost;
      if (i === 0 && last) here = share(last, leg);
      else if (closes) here = share(closes, leg);
      else {
        here = {
          id,
          at: onLeg(leg, alongMm),
          legs: [leg.index],
          atMm: leg.startsMm + alongMm,
          kind: ends ? 'end' : 'line',
        };
        posts.push(here);
      }
      if (beside && here.kind !== 'gate') here = change(here, { kind: 'gate' });
      const [from, to] = [places[i - 1] ?? Infinity, place];
      const guest = fitted.find(
        (one) => Math.abs((from + to) / 2 - one.middleMm) < 1 && to - from < one.guest.wideMm + o.postMm + 1,
      )?.guest;
      if (before)
        bays.push({
          key: guest?.id ?? `${stretch}-${bay}`,
          leg,
          from: before,
          to: here,
          guest: guest?.id ?? null,
          asStood: stood?.bay ?? null,
        });
      if (far) [stretch, bay] = [`r${leg.index + 1}-${far.guest.id}`, 0];
      bay += 1;
      before = here;
      beforeMm = alongMm;
    });
    gaps.push(
      ...asked.map(({ fits: _fits, ...one }) => ({
        ...one,
        bay: bays.find((bay) => bay.guest === one.guest.id) ?? null,
      })),
    );
    last = before;
  }
  const lengthMm = legs.reduce((sum, leg) => sum + reach(leg.from, leg.to), 0);
  return { legs, posts, bays, lengthMm, gaps };
}

/** How far a post is along the leg of a bay, level. mm. */
export const place = (post: FencePost, bay: Bay): number =>
  Math.hypot(post.at[0] - bay.leg.from[0], post.at[1] - bay.leg.from[1]);

/** How a line turns at a corner from one run to the next, to the left counted up; what goes on as it came not at all. Radians. */
export function turnAt(before: Leg, after: Leg): number {
  const turn = Math.atan2(cross(before.along, after.along)[2], dot(before.along, after.along));
  return Math.abs(turn) < 1e-9 ? 0 : turn;
}

/** The bay that a corner post ends, and the one that it begins. */
export const baysAbout = (
  { bays }: Pick<Run, 'bays'>,
  post: FencePost,
): { before: Bay | undefined; after: Bay | undefined } => ({
  before: bays.find((bay) => bay.to === post),
  after: bays.find((bay) => bay.from === post),
});

/** The soil under the path, corner by corner. */
export const terrainOf = ({ legs }: Pick<Run, 'legs'>): Terrain => ({
  path: [...(legs[0] ? [legs[0].from] : []), ...legs.map((leg) => leg.to)],
});

/** Each straight run from its outside, the whole from above, and the first run from its end. */
export type RunView = `side-${number}` | 'plan' | 'end';

/** The views of what goes along a path: each leg from outside, in the order of `legs`, with the parts that are named as its. */
export function runViews(legs: readonly Leg[], named: (leg: Leg) => readonly string[]): ViewFrame<RunView>[] {
  const first = legs.find(({ index }) => index === 0);
  const sides = legs.map((leg) => ({
    id: `side-${leg.index + 1}` as const,
    title: legs.length === 1 ? 'From outside' : `Stretch ${leg.index + 1}, from outside`,
    right: leg.along,
    up: [0, 0, 1] as const,
    eye: [-leg.out[0], -leg.out[1], 0] as const,
    origin: leg.from,
    as: 'upright' as const,
    square: true,
    nearest: false,
    soil: [[0, 0] as const, [leg.longMm, leg.to[2] - leg.from[2]] as const],
    only: named(leg),
  }));
  return [
    ...sides,
    FROM_ABOVE,
    ...(first
      ? [
          {
            id: 'end' as const,
            title: legs.length > 1 ? 'The first stretch, from its end' : 'From the end',
            right: first.out,
            up: [0, 0, 1] as const,
            eye: [-first.along[0], -first.along[1], 0] as const,
            origin: first.from,
            as: 'upright' as const,
            square: false,
            nearest: true,
            soil: [[-100, 0] as const, [100, 0] as const],
            only: named(first),
          },
        ]
      : []),
  ];
}
