import type { Timber } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { SQUARE, type EndCut } from '../../../design/end-cut';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { add, reach, scale, UP, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { cornerBrace } from '../../assemblies/brace';
import type { SetPost } from '../../assemblies/set-post';
import { aslant, toed } from '../../rules/aslant';
import { liesOver, piecesOverPosts } from '../../rules/over-posts';
import { shapedEnds, type EndShape } from '../../rules/shaped-end';

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
 * Beams on the tops of the posts: one over each pair, or along each side, where what is longer than is sold is broken
 * over a post; `overMm` of them stands out past the posts. mm.
 */
export function layBeams(
  g: Grid,
  posts: readonly SetPost[],
  o: { of: Timber; shape: EndShape; overMm: number; longestMm: number },
): { beams: Bar[]; joints: Joint[] } {
  const { beam: way } = waysOf(g);
  const axis = g.beamsRun === 'across' ? 1 : 0;
  const lines = new Map<number, SetPost[]>();
  for (const post of posts) {
    const at = post.to[1 - axis] as number;
    lines.set(at, [...(lines.get(at) ?? []), post]);
  }
  const made = [...lines.values()].flatMap((unsorted, i) => {
    const line = unsorted.toSorted((a, b) => (a.to[axis] as number) - (b.to[axis] as number));
    const at = line.map((post) => post.to[axis] as number);
    const pieces = piecesOverPosts(at, g.postMm, o.longestMm - 2 * o.overMm);
    return pieces.map((piece, n) => {
      const ends = [n === 0, n === pieces.length - 1] as const;
      const spot = (along: number): Point => {
        const [first] = line as [SetPost];
        return add(first.to, add(scale(way, along - (at[0] ?? 0)), [0, 0, o.of.wideMm / 2]));
      };
      const beam = shapedBar({
        id: `beam-${i + 1}${pieces.length > 1 ? `-${n + 1}` : ''}`,
        role: 'beam',
        of: o.of,
        from: spot(piece.fromMm - (ends[0] ? o.overMm : 0)),
        to: spot(piece.toMm + (ends[1] ? o.overMm : 0)),
        shape: o.shape,
        overMm: o.overMm,
        at: ends,
      });
      const joints = line.flatMap((post, p): Joint[] => {
        if (!liesOver(piece, at[p] ?? 0)) return [];
        // Of two that meet over a post each is held on its own half.
        const half = at[p] === piece.fromMm ? 1 : at[p] === piece.toMm ? -1 : 0;
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

const LONG_SCREW = 'screw-long';
/** Places of so many things in equal spaces, none wider than the limit, the first and the last so far in from both ends. mm. */
export function equalSpaces(longMm: number, inMm: number, mostMm: number): number[] {
  const spaces = Math.max(1, Math.ceil((longMm - 2 * inMm) / mostMm - 1e-6));
  return Array.from({ length: spaces + 1 }, (_, i) => inMm + ((longMm - 2 * inMm) * i) / spaces);
}

/** Rafters on the beams in equal spaces, square to them, standing out alike at both ends. */
export function layRafters(
  g: Grid,
  beams: readonly Bar[],
  o: { of: Timber; shape: EndShape; overMm: number; everyMm: number },
): { rafters: Bar[]; joints: Joint[] } {
  const { beam: way, rafter } = waysOf(g);
  const [first] = beams as [Bar];
  const onWay = (at: Point): number => (g.beamsRun === 'across' ? at[1] : at[0]);
  const start = Math.min(...beams.map(({ from }) => onWay(from)));
  const long = Math.max(...beams.map(({ to }) => onWay(to))) - start;
  const spanned = g.beamsRun === 'across' ? g.alongMm : g.acrossMm;
  const [near, far] = [Math.min(...spanned), Math.max(...spanned)];
  const out = g.postMm / 2 + o.overMm;
  const upMm = g.underMm + first.wideMm;
  const made = equalSpaces(long, RAFTER_IN_MM + o.of.thickMm / 2, o.everyMm).map((at, i) => {
    const onBeam = add([0, 0, upMm], scale(way, start + at));
    const middle = add(onBeam, [0, 0, o.of.wideMm / 2]);
    const bar = shapedBar({
      id: `rafter-${i + 1}`,
      role: 'rafter',
      of: o.of,
      from: add(middle, scale(rafter, near - out)),
      to: add(middle, scale(rafter, far + out)),
      shape: o.shape,
      overMm: o.overMm,
    });
    const over = beams.filter(({ from, to }) => onWay(from) <= start + at && start + at <= onWay(to));
    const joints = over.flatMap((beam): Joint[] => {
      const place = add(onBeam, scale(rafter, g.beamsRun === 'across' ? beam.from[0] : beam.from[1]));
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
/** The outermost rafters stand so far in from the tips of the beams, clear of their shaped ends (from memory). mm. */
const RAFTER_IN_MM = inches(1);

/** A knee brace in every corner of post and beam: 45° at both ends, bearing on the post's side and the beam's underside. */
export function kneeBraces(
  g: Grid,
  posts: readonly SetPost[],
  beams: readonly Bar[],
  o: { of: Timber; legMm: number },
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
      const beam = beams.find(
        (one) =>
          Math.abs((one.from[1 - axis] as number) - (post.to[1 - axis] as number)) < 1 &&
          (one.from[axis] as number) <= head &&
          head <= (one.to[axis] as number),
      );
      if (!beam) return [];
      const corner = add(post.to, scale(along, g.postMm / 2));
      const brace = cornerBrace({
        id: `brace-${post.id}${side < 0 ? 'a' : 'b'}`,
        of: o.of,
        corner,
        a: along,
        b: [0, 0, -1],
        legMm: o.legMm,
      });
      return [
        {
          brace,
          joints: [
            toed(brace, brace.from, 1, post.id, scale(along, -1), 'brace to post'),
            toed(brace, brace.to, -1, beam.id, UP, 'brace to beam'),
          ],
        },
      ];
    });
  });
  return { braces: made.map(({ brace }) => brace), joints: made.flatMap(({ joints }) => joints) };
}
