import type { Timber } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { SQUARE, type EndCut } from '../../../design/end-cut';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { add, dot, minus, reach, scale, UP, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { cornerBrace, risingBrace } from '../../assemblies/brace';
import type { SetPost } from '../../assemblies/set-post';
import { aslant, toed } from '../../rules/aslant';
import { liesOver, piecesOverPosts, type Stretch } from '../../rules/over-posts';
import { shapedEnds, type EndShape } from '../../rules/shaped-end';
import { headUpMm, type BeamSort } from './knobs';

/** Posts in lines along the way, the front one at −y; the beams run along one of the two ways, the rafters along the other. mm. */
export interface Grid {
  /** Middles of the posts along the way, and across it. */
  alongMm: readonly number[];
  acrossMm: readonly [number, number];
  postMm: number;
  underMm: number;
  beamsRun: 'across' | 'along';
}

/** The ways of the beams and of the rafters. */
export const waysOf = ({ beamsRun }: Pick<Grid, 'beamsRun'>): { beam: Point; rafter: Point } =>
  beamsRun === 'across' ? { beam: [0, 1, 0], rafter: [1, 0, 0] } : { beam: [1, 0, 0], rafter: [0, 1, 0] };

/** A board on edge whose ends, or one of them, are sawn to a template. */
function shapedBar(o: {
  id: string;
  role: string;
  of: Timber;
  from: Point;
  to: Point;
  shape: EndShape;
  overMm: number;
  at?: readonly [boolean, boolean];
}): Bar {
  const { of, shape, overMm, at = [true, true], ...rest } = o;
  const longMm = reach(o.from, o.to);
  const sawn = shapedEnds(shape, { template: `${o.role} end`, longMm, wideMm: of.wideMm, overMm, at });
  const cut = (shaped: boolean): EndCut => (sawn && shaped ? { cut: 'shaped' } : SQUARE[0]);
  return barOf({ ...rest, of, wide: UP, ends: [cut(at[0]), cut(at[1])], ...(sawn ? { sawn } : {}) });
}

/**
 * Beams over each pair of posts, or along each side, where what is longer than is sold is broken over a post; `overMm`
 * of them stands out past the posts. On the tops of the posts; or in pairs on their faces, their undersides level with
 * {@link Grid.underMm}, the breaks of the two over different posts. mm.
 */
export function layBeams(
  g: Grid,
  posts: readonly SetPost[],
  o: { of: Timber; shape: EndShape; overMm: number; longestMm: number; sort: BeamSort },
): { beams: Bar[]; joints: Joint[] } {
  const { beam: way, rafter: square } = waysOf(g);
  const axis = g.beamsRun === 'across' ? 1 : 0;
  const lines = new Map<number, SetPost[]>();
  for (const post of posts) {
    const at = post.to[1 - axis] as number;
    lines.set(at, [...(lines.get(at) ?? []), post]);
  }
  const sides = o.sort === 'paired' ? ([-1, 1] as const) : ([0] as const);
  const laid = [...lines.values()].flatMap((line, i) => sides.map((side) => ({ line, side, i })));
  const made = laid.flatMap(({ line: unsorted, side, i }) => {
    const line = unsorted.toSorted((a, b) => (a.to[axis] as number) - (b.to[axis] as number));
    const at = line.map((post) => post.to[axis] as number);
    // What stands out past the end posts is of the first piece and the last.
    const tips = g.postMm + 2 * o.overMm;
    const whole = piecesOverPosts(at, tips, o.longestMm);
    const pieces = side === 1 ? brokenApart(whole, at, tips, o.longestMm) : whole;
    const [first] = line as [SetPost];
    const out = side * ((g.postMm + o.of.thickMm) / 2);
    const spot = (along: number): Point => {
      const [x, y] = add(first.to, add(scale(way, along - (at[0] ?? 0)), scale(square, out)));
      return [x, y, g.underMm + o.of.wideMm / 2];
    };
    const name = `beam-${i + 1}${side === 0 ? '' : side < 0 ? 'a' : 'b'}`;
    return pieces.map((piece, n) => {
      const ends = [n === 0, n === pieces.length - 1] as const;
      const beam = shapedBar({
        id: `${name}${pieces.length > 1 ? `-${n + 1}` : ''}`,
        role: 'beam',
        of: o.of,
        from: spot(piece.fromMm),
        to: spot(piece.toMm),
        shape: o.shape,
        overMm: o.overMm,
        at: ends,
      });
      const joints = line.flatMap((post, p): Joint[] => {
        if (!liesOver(piece, at[p] ?? 0)) return [];
        // Of two that meet over a post each is held on its own half.
        const half = at[p] === piece.fromMm ? 1 : at[p] === piece.toMm ? -1 : 0;
        if (side !== 0)
          return [beamToPost({ beam, post, side, half, at: spot(at[p] ?? 0), way, square, postMm: g.postMm })];
        const place = add(post.to, scale(way, (half * g.postMm) / 4));
        return [
          {
            id: `${beam.id}-${post.id}`,
            kind: 'beam on post',
            places: [place],
            parts: [beam.id, post.id],
            fixings: aslant(beam, post.id, place, way, p === line.length - 1 ? -1 : 1, LONG_SCREW),
          },
        ];
      });
      return { beam, joints };
    });
  });
  return { beams: made.map(({ beam }) => beam), joints: made.flatMap(({ joints }) => joints) };
}

/** The pieces of the second of two beams: broken over as few of the posts that the first is broken over as can be, and no more often than has to be. */
function brokenApart(first: readonly Stretch[], at: readonly number[], postMm: number, longestMm: number): Stretch[] {
  const breaks = (pieces: readonly Stretch[]): number[] => pieces.slice(1).map(({ fromMm }) => fromMm);
  const taken = new Set(breaks(first));
  const shared = (pieces: readonly Stretch[]): number => breaks(pieces).filter((mm) => taken.has(mm)).length;
  const tried = at.slice(1).map((_, i) => piecesOverPosts(at, postMm, longestMm, i + 1));
  return tried.toSorted((a, b) => shared(a) - shared(b) || a.length - b.length)[0] ?? [...first];
}

const LONG_SCREW = 'screw-long';

/** One of a pair on its face of a post: two timber screws, one over the other on a slant, those of the other face the other way round. */
function beamToPost(o: {
  beam: Bar;
  post: SetPost;
  side: -1 | 1;
  /** Which half of the post it lies on where it ends there. */
  half: -1 | 0 | 1;
  at: Point;
  way: Point;
  square: Point;
  postMm: number;
}): Joint {
  const { beam, post, side, half, way, square } = o;
  const at = add(o.at, scale(way, (half * o.postMm) / 4));
  const aside = half === 0 ? o.postMm * SCREW_ASIDE : 0;
  const head = add(at, scale(square, (side * beam.thickMm) / 2));
  return {
    id: `${beam.id}-${post.id}`,
    kind: 'beam to post',
    places: [add(at, scale(square, (-side * beam.thickMm) / 2))],
    parts: [beam.id, post.id],
    fixings: [
      {
        stock: 'screw-timber',
        count: 2,
        drive: {
          through: beam.id,
          into: post.id,
          way: scale(square, -side),
          // Those from the other face go past between them.
          places: ([-1, 1] as const).map((up) =>
            add(head, add(scale(way, side * up * aside), [0, 0, up * beam.wideMm * (side < 0 ? 0.3 : 0.2)])),
          ),
        },
      },
    ],
  };
}
/** Of the post's width, from its middle (from memory). */
const SCREW_ASIDE = 0.2;
/** Places of so many things in equal spaces, none wider than the limit, the first and the last so far in from both ends. mm. */
export function equalSpaces(longMm: number, inMm: number, mostMm: number): number[] {
  const spaces = Math.max(1, Math.ceil((longMm - 2 * inMm) / mostMm - 1e-6));
  return Array.from({ length: spaces + 1 }, (_, i) => inMm + ((longMm - 2 * inMm) * i) / spaces);
}

/** Rafters on the beams in equal spaces, square to them, standing out alike at both ends. */
export function layRafters(
  g: Grid,
  beams: readonly Bar[],
  o: { of: Timber; shape: EndShape; overMm: number; everyMm: number; sort: BeamSort },
): { rafters: Bar[]; joints: Joint[] } {
  const { beam: way, rafter } = waysOf(g);
  const [first] = beams as [Bar];
  const onWay = (at: Point): number => (g.beamsRun === 'across' ? at[1] : at[0]);
  const start = Math.min(...beams.map(({ from }) => onWay(from)));
  const long = Math.max(...beams.map(({ to }) => onWay(to))) - start;
  const spanned = g.beamsRun === 'across' ? g.alongMm : g.acrossMm;
  const [near, far] = [Math.min(...spanned), Math.max(...spanned)];
  // At least over the outer of two beams.
  const out = g.postMm / 2 + Math.max(o.overMm, o.sort === 'paired' ? first.thickMm : 0);
  const upMm = g.underMm + first.wideMm;
  const aside = (beam: Bar): number => (g.beamsRun === 'across' ? beam.from[0] : beam.from[1]);
  const lies = (at: number): Bar[] =>
    beams.filter(({ from, to }) => onWay(from) <= start + at && start + at <= onWay(to));
  // Where a beam is broken its ends take no screw: whether one of each line of beams does.
  const held = (at: number): boolean => {
    const clear = lies(at).filter(({ from, to }) => {
      const least = CLEAR_MM + LEANS_MM;
      return onWay(from) + least <= start + at && start + at <= onWay(to) - least;
    });
    return new Set(clear.map(aside)).size === new Set(lies(at).map(aside)).size;
  };
  const made = equalSpaces(long, RAFTER_IN_MM + o.of.thickMm / 2, o.everyMm).map((spot, i) => {
    // Over a break it is moved off it, by as little as serves.
    const at = spot + ([0, 1, -1].map((n) => n * OFF_BREAK_MM).find((by) => held(spot + by)) ?? 0);
    const onBeam = add([0, 0, upMm], scale(way, start + at));
    const middle = add(onBeam, [0, 0, o.of.wideMm / 2]);
    const bar = shapedBar({
      id: `rafter-${i + 1}`,
      role: 'rafter',
      of: o.of,
      from: add(middle, scale(rafter, near - out)),
      to: add(middle, scale(rafter, far + out)),
      shape: o.shape,
      // What of it lies on the outer of two beams is left whole.
      overMm: Math.max(0, o.overMm - (o.sort === 'paired' ? first.thickMm : 0)),
    });
    const joints = lies(at).flatMap((beam): Joint[] => {
      const place = add(onBeam, scale(rafter, aside(beam)));
      // Over a break in the beams a screw that would come out of its end is left away.
      const fixings = aslant(bar, beam.id, place, rafter, 1, 'screw-75').filter(({ drive }) => {
        const lean = LEANS_MM * Math.sign(onWay(drive.way));
        return [0, lean].every((by) => {
          const spot = start + at + by;
          return onWay(beam.from) + CLEAR_MM <= spot && spot <= onWay(beam.to) - CLEAR_MM;
        });
      });
      return fixings.length === 0
        ? []
        : [
            {
              id: `${bar.id}-${beam.id}`,
              kind: 'rafter on beam',
              places: [place],
              parts: [bar.id, beam.id],
              fixings,
            },
          ];
    });
    return { bar, joints };
  });
  return { rafters: made.map(({ bar }) => bar), joints: made.flatMap(({ joints }) => joints) };
}
/** How far its point lies beside the middle of its rafter, and how clear of the end of a beam it stays (from memory). mm. */
const LEANS_MM = 15;
const CLEAR_MM = 10;
/** So far beside a break in a beam a rafter lies that takes screws into it. mm. */
const OFF_BREAK_MM = LEANS_MM + CLEAR_MM + 1;
/** The outermost rafters stand so far in from the tips of the beams, clear of their shaped ends (from memory). mm. */
const RAFTER_IN_MM = inches(1);

/** A knee brace in every corner of post and beam: 45° at both ends, bearing on the post's side and the beam's underside. */
export function kneeBraces(
  g: Grid,
  posts: readonly SetPost[],
  beams: readonly Bar[],
  o: { of: Timber; legMm: number; sort: BeamSort },
): { braces: Bar[]; joints: Joint[] } {
  const { beam: way } = waysOf(g);
  const axis = g.beamsRun === 'across' ? 1 : 0;
  const made = posts.flatMap((post) => {
    const others = posts.filter((one) => Math.abs((one.to[1 - axis] as number) - (post.to[1 - axis] as number)) < 1);
    const at = post.to[axis] as number;
    return ([-1, 1] as const).flatMap((side) => {
      if (!others.some((one) => ((one.to[axis] as number) - at) * side > 1)) return [];
      const along = scale(way, side);
      const head = at + side * (g.postMm / 2 + o.legMm);
      const over = beams.filter(
        (one) =>
          Math.abs((one.from[1 - axis] as number) - (post.to[1 - axis] as number)) < g.postMm &&
          (one.from[axis] as number) <= head &&
          head <= (one.to[axis] as number),
      );
      const [beam] = over;
      if (!beam) return [];
      // Between two beams its head goes up between them, and is screwed from both.
      const upMm = o.sort === 'paired' ? headUpMm(beam.wideMm) : 0;
      const [x, y] = add(post.to, scale(along, g.postMm / 2));
      const corner: Point = [x, y, g.underMm + upMm];
      const brace = cornerBrace({
        id: `brace-${post.id}${side < 0 ? 'a' : 'b'}`,
        of: o.of,
        corner,
        a: along,
        b: [0, 0, -1],
        legMm: o.legMm + upMm,
      });
      const toPost = toed(brace, brace.from, 1, post.id, scale(along, -1), 'brace to post');
      return [
        {
          brace,
          joints:
            o.sort === 'paired'
              ? [
                  toPost,
                  ...over.map((one) => beamToBrace(one, brace, { along, square: waysOf(g).rafter, downMm: upMm / 2 })),
                ]
              : [toPost, toed(brace, brace.to, -1, beam.id, UP, 'brace to beam')],
        },
      ];
    });
  });
  return { braces: made.map(({ brace }) => brace), joints: made.flatMap(({ joints }) => joints) };
}
/** A beam of a pair on a face of the brace between them: two timber screws, beside each other, those of the other face apart from them. */
function beamToBrace(beam: Bar, brace: Bar, o: { along: Point; square: Point; downMm: number }): Joint {
  const side = Math.sign(dot(minus(beam.from, brace.from), o.square)) as -1 | 1;
  // On the middle line of the brace, half as far under its end as that is up.
  const at = add(brace.to, add(scale(o.along, -o.downMm), [0, 0, -o.downMm]));
  const face = add(at, scale(o.square, (side * brace.thickMm) / 2));
  return {
    id: `${beam.id}-${brace.id}`,
    kind: 'beam to brace',
    places: [face],
    parts: [beam.id, brace.id],
    fixings: [
      {
        stock: 'screw-timber',
        count: 2,
        drive: {
          through: beam.id,
          into: brace.id,
          way: scale(o.square, -side),
          places: ([-1, 1] as const).map((by) =>
            add(
              face,
              add(
                scale(o.square, side * beam.thickMm),
                add(scale(o.along, by * brace.wideMm * 0.22), [0, 0, side * brace.wideMm * 0.12]),
              ),
            ),
          ),
        },
      },
    ],
  };
}

/** So far from soil and beam a side brace ends, and no steeper than this (from memory). mm, radians. */
const SIDE_CLEAR_MM = inches(14);
const STEEPEST_RAD = Math.PI / 3;

/** Between the foot of a knee brace and the head of a side brace on one post (from memory). mm. */
const FEET_APART_MM = inches(1.5);

/**
 * A brace up each side, from the first post to the next, its ends plumb: what stands on shoes does not lean along the
 * way. Where knee braces (of the leg and stock that are told) run along the way too, it ends under their feet.
 */
export function sideBraces(
  g: Grid,
  posts: readonly SetPost[],
  of: Timber,
  knee: { legMm: number; of: Timber } | null,
): { braces: Bar[]; joints: Joint[] } {
  // Half of each as it is cut plumb, the knee's at 45°, this one's at the steepest it may be.
  const feetMm =
    g.beamsRun === 'along' && knee
      ? knee.legMm + knee.of.wideMm * Math.SQRT1_2 + of.wideMm / 2 / Math.cos(STEEPEST_RAD) + FEET_APART_MM
      : 0;
  const clearMm = Math.max(SIDE_CLEAR_MM, feetMm);
  const made = g.acrossMm.flatMap((across) => {
    const [first, second] = posts
      .filter((post) => Math.abs(post.to[1] - across) < 1)
      .toSorted((a, b) => a.to[0] - b.to[0]) as [SetPost, SetPost];
    const [near, far] = [first.to[0] + g.postMm / 2, second.to[0] - g.postMm / 2];
    const rise = Math.min(g.underMm - SIDE_CLEAR_MM - clearMm, (far - near) * Math.tan(STEEPEST_RAD));
    const low = g.underMm - clearMm - rise;
    const brace: Bar = {
      ...risingBrace({
        id: `brace-${first.id}-side`,
        of,
        from: [near, across, low],
        to: [far, across, low + rise],
      }),
      role: 'side brace',
    };
    return [
      {
        brace,
        joints: [
          toed(brace, brace.from, 1, first.id, [-1, 0, 0], 'brace to post', 'screw-75'),
          { ...toed(brace, brace.to, -1, second.id, [1, 0, 0], 'brace to post', 'screw-75'), id: `${brace.id}-high` },
        ],
      },
    ];
  });
  return { braces: made.map(({ brace }) => brace), joints: made.flatMap(({ joints }) => joints) };
}
