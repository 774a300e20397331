import { stockOf } from '../../../catalogue/catalogue';
import type { Design, Joint } from '../../../design/design';
import { plumbEnds, SQUARE } from '../../../design/end-cut';
import { extentOf } from '../../../design/extent';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { ofShape } from '../../../design/shapes/shapes';
import { outlineOf } from '../../../geometry/outline';
import { clipped, type Pair } from '../../../geometry/polygon';
import { dot, minus, reach, scale, unit, type Point } from '../../../geometry/space';
import type { Assembled } from '../../assemblies/assembly';
import { screwThrough } from '../../rules/fixings';
import { lastingTimber } from '../../rules/timber-knobs';
import { bayLevel, isAskew, type Fence } from './fence';
import { BOARD_UP_MM } from './knobs';
import { baysAbout, onLeg, place, turnAt, type Bay, type FencePost } from '../../rules/run';

/**
 * Which side of its line the boards of a bay lie on: the right, outside of the garden (−1). After a corner that turns to
 * the right the outer faces of two runs would cross: there one bay has its boards within (1).
 */
function sideOf(f: Fence, bay: Bay): 1 | -1 {
  if (bay.from.kind === 'line' || place(bay.from, bay) > 1) return -1;
  const { legs } = f.run;
  const before = f.setting.place.closed ? legs.at(bay.leg.index - 1) : legs[bay.leg.index - 1];
  return before && before !== bay.leg && turnAt(before, bay.leg) < 0 ? 1 : -1;
}

/** Past a sharp corner boards reach so many halves of a post at most (from memory). */
const MOST_PAST = 2;

/**
 * How far the boards of a bay go past the middle of a post. To the middle of one in the line, where the next begin; to the
 * far face of the last. At a corner that turns by θ two that lie outside of it meet along their inner edges,
 * half tan(θ/2) past it; one that lies inside it stops where those of the other run begin: at (half + y cos θ) / sin θ
 * for each of its faces, y from its line.
 */
function pastPost(f: Fence, post: FencePost, bay: Bay, thickMm: number): number {
  const half = f.faceMm / 2;
  if (post.kind === 'line') return 0;
  const { before, after } = baysAbout(f.run, post);
  if (!before || !after || before.leg === after.leg || before.guest !== null || after.guest !== null) return half;
  const turn = turnAt(before.leg, after.leg);
  const outside = (one: Bay): boolean => sideOf(f, one) * turn <= 0;
  const angle = Math.abs(turn);
  if (outside(before) && outside(after)) return Math.min(MOST_PAST * half, half * Math.tan(angle / 2));
  if (outside(bay)) return half;
  const free = [half, half + thickMm].map((y) => (half + y * Math.cos(angle)) / Math.sin(angle));
  // Half of the post is under it however sharp the corner: past 135° the two are trimmed to each other.
  return Math.max(0, Math.min(half, ...free));
}

/** Screws so far from the middle of a board, as a share of its width (from memory). */
const SCREWS_UP = 0.22;

/** What lies across the posts of a bay: at these heights over the soil, to their middles. mm. */
export interface Across {
  of: { id: string; wideMm: number; thickMm: number };
  upsMm: readonly number[];
  role: 'board' | 'rail';
  joint: string;
  /** How far it reaches past the posts of a bay is told for what is so thick: of it alone, or with what lies on it. */
  deepMm: number;
}

/** A place on a bay: so far along its stretch, over the soil there or over its level, out of its line on the side where its boards lie. mm. */
export function onBay(f: Fence, bay: Bay): (alongMm: number, upMm: number, outMm: number) => Point {
  const level = f.stepped ? bayLevel(bay, true).baseFrom : null;
  const side = sideOf(f, bay);
  return (along, up, out) => {
    const [x, y, z] = onLeg(bay.leg, along, 0, side * out);
    return [x, y, (level ?? z) + up];
  };
}

/** The way into the posts of a bay from the side where its boards lie. */
export const intoPosts = (f: Fence, bay: Bay): Point => scale(bay.leg.out, -sideOf(f, bay));

/** From where to where boards of a bay reach along its stretch. mm. */
export const boardsReach = (f: Fence, bay: Bay, deepMm: number): readonly [number, number] => [
  place(bay.from, bay) - pastPost(f, bay.from, bay, deepMm),
  place(bay.to, bay) + pastPost(f, bay.to, bay, deepMm),
];

/** Boards or rails, level or raked, on the outer faces of the posts of a bay. */
export function acrossBay(
  f: Fence,
  bay: Bay,
  { of, upsMm, role, joint, deepMm }: Across,
): { bars: Bar[]; joints: Joint[] } {
  const screw = screwThrough(f.setting, of.thickMm, f.faceMm);
  const at = onBay(f, bay);
  const out = (f.faceMm + of.thickMm) / 2;
  const [a, b] = boardsReach(f, bay, deepMm);
  const slope = f.stepped ? 0 : Math.atan2(bay.leg.to[2] - bay.leg.from[2], bay.leg.longMm);
  const raked = Math.abs(slope) >= 0.005;
  const bars = upsMm.map((up, n): Bar => {
    const [from, to] = [at(a, up, out), at(b, up, out)];
    return barOf({
      id: `${role}-${bay.key}-${n + 1}`,
      role,
      of,
      from,
      to,
      wide: [-Math.sin(slope) * bay.leg.along[0], -Math.sin(slope) * bay.leg.along[1], Math.cos(slope)],
      cutMm: reach(from, to) + (raked ? of.wideMm * Math.tan(Math.abs(slope)) : 0),
      ends: raked ? plumbEnds(slope) : SQUARE,
    });
  });
  // On a post that stands askew they share no face: two screws, one over the other, in the middle of what lies on it.
  const onAskew = (post: FencePost, up: number): { places?: Point[] } => {
    if (!isAskew(f, post, bay)) return {};
    const past = pastPost(f, post, bay, deepMm);
    const middle = place(post, bay) + ((post === bay.to ? 1 : -1) * (past - f.faceMm / 2)) / 2;
    return {
      places: [-SCREWS_UP, SCREWS_UP].map((share) => at(middle, up + share * of.wideMm, f.faceMm / 2 + of.thickMm)),
    };
  };
  const joints = bars.flatMap((one, n) =>
    [bay.from, bay.to].map((post): Joint => {
      const up = upsMm[n] as number;
      return {
        id: `${one.id}-${post.id}`,
        kind: joint,
        places: [at(place(post, bay), up, f.faceMm / 2)],
        parts: [one.id, post.id],
        fixings: [
          {
            stock: screw,
            count: 2,
            drive: { through: one.id, into: post.id, way: intoPosts(f, bay), ...onAskew(post, up) },
          },
        ],
      };
    }),
  );
  return { bars, joints };
}

/** Boards on the outer faces of the posts, from the middle of one post to the middle of the next. */
export function boardBays(f: Fence, bays: readonly Bay[]): Assembled[] {
  const of = stockOf(f.setting.catalogue, lastingTimber(f.setting, f.v.board), 'timber');
  const pitch = of.wideMm + f.v.boardGap;
  const count = Math.max(1, Math.floor((f.v.height - BOARD_UP_MM + f.v.boardGap + 0.5) / pitch));
  const upsMm = Array.from({ length: count }, (_, n) => BOARD_UP_MM + n * pitch + of.wideMm / 2);
  return bays.map((bay) => {
    const { bars, joints } = acrossBay(f, bay, {
      of,
      upsMm,
      role: 'board',
      joint: 'board to post',
      deepMm: of.thickMm,
    });
    return { parts: bars, joints };
  });
}

/** Less than this of a post's edge gives way under a board without being pared (from memory). mm. */
const GIVES_MM = 1;

/**
 * Posts that stand askew to boards which lie on them, at corners that are not square: how many, and how much of an edge is
 * pared away at most, so that the boards lie flat. mm.
 * @example paredOff(design) // { posts: 1, mm: 18.4 } of a corner of 45°
 */
export function paredOff({ parts, joints }: Pick<Design, 'parts' | 'joints'>): { posts: number; mm: number } {
  const bars = new Map(ofShape(parts, 'bar').map((bar) => [bar.id, bar]));
  const off = new Map<string, number>();
  for (const { kind, parts: held } of joints) {
    const [board, post] = held.map((id) => bars.get(id));
    if ((kind !== 'board to post' && kind !== 'rail to post') || !board || !post) continue;
    const way = unit([board.to[0] - board.from[0], board.to[1] - board.from[1], 0]);
    const out = unit(minus([post.from[0], post.from[1], 0], [board.from[0], board.from[1], 0]));
    const aside: Point = dot([-way[1], way[0], 0], out) > 0 ? [way[1], -way[0], 0] : [-way[1], way[0], 0];
    const flat = ([x, y]: Point): Pair => [
      (x - board.from[0]) * way[0] + (y - board.from[1]) * way[1],
      (x - board.from[0]) * aside[0] + (y - board.from[1]) * aside[1],
    ];
    // What of the post is beside the board, and how much of that comes past the board's back.
    const long = reach([board.from[0], board.from[1], 0], [board.to[0], board.to[1], 0]);
    const beside = clipped(clipped(outlineOf(extentOf(post).map(flat)), [0, 1], [0, 0]), [long, 0], [long, 1]);
    const deep = Math.max(0, ...beside.map(([, away]) => away + board.thickMm / 2));
    if (deep > GIVES_MM) off.set(post.id, Math.max(deep, off.get(post.id) ?? 0));
  }
  return { posts: off.size, mm: Math.max(0, ...off.values()) };
}
