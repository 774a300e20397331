import type { WeldedPanel } from '../../../catalogue/stock';
import { timberId } from '../../../catalogue/timber';
import type { Joint } from '../../../design/design';
import type { EndCut } from '../../../design/end-cut';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { UP } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { screwThrough } from '../../rules/fixings';
import { baysAPiece, piecesOverPosts, type Stretch } from '../../rules/over-posts';
import type { BedSetting } from '../../setting';
import type { RailTrellisValues } from './knobs';

/** Longest rail, where the price book names no length (from memory). mm. */
const USUAL_RAIL_MM = feet(16);
/** Screws stand this far from the end of a rail (from memory). mm. */
const SCREW_IN_MM = inches(0.75);

export interface Rail extends Stretch {
  bar: Bar;
  side: -1 | 1;
  level: 'bottom' | 'top';
}

export interface Trellis {
  v: RailTrellisValues;
  setting: BedSetting;
  panel: WeldedPanel;
  postsAt: readonly number[];
  postMm: number;
  rail: { id: string; wideMm: number; thickMm: number };
  sides: readonly (-1 | 1)[];
  y: number;
  /** Underside of the bottom rail, and upper side of the top rail, over the level. */
  lowMm: number;
  highMm: number;
}

/** Rails are treated as the posts are, where that is sold; else whatever is. */
export function railTreatment(v: RailTrellisValues, setting: BedSetting): string {
  return (
    [v.treatment, 'treated', 'untreated', 'durable'].find(
      (one) => setting.sizesOf(timberId(v.railSection, one)).length > 0,
    ) ?? v.treatment
  );
}

/** The longest rail on sale. mm. */
const longestRail = (v: RailTrellisValues, setting: BedSetting): number =>
  setting.sizesOf(timberId(v.railSection, railTreatment(v, setting))).at(-1) ?? USUAL_RAIL_MM;

/**
 * The bay at which a first rail, from the outside of the end post, just reaches over two bays: without
 * that every rail breaks on the second post, however they are staggered. Between the posts, or centre
 * to centre; to the whole inch below. mm.
 */
export function bayForTwo(v: RailTrellisValues, setting: BedSetting, postWideMm: number): number {
  const pitch = (longestRail(v, setting) - postWideMm / 2) / 2;
  return inches(Math.floor((v.bays === 'centres' ? pitch : pitch - postWideMm) / inches(1)));
}

/** Two levels of rail a side. One side (or, with one side only, the lower rail) starts with half a rail. */
export function layRails(t: Trellis): Rail[] {
  const { v, rail } = t;
  const longest = longestRail(v, t.setting);
  const bays = baysAPiece(t.postsAt, t.postMm, longest);
  const half = v.stagger === 'yes' ? shortStart(t.postsAt, t.postMm, longest, bays) : Infinity;
  return t.sides.flatMap((side) =>
    (['bottom', 'top'] as const).flatMap((level) => {
      const short = t.sides.length > 1 ? side > 0 : level === 'bottom';
      const z = level === 'bottom' ? t.lowMm + rail.wideMm / 2 : t.highMm - rail.wideMm / 2;
      const y = t.y + side * (t.postMm / 2 + rail.thickMm / 2);
      return piecesOverPosts(t.postsAt, t.postMm, longest, short ? half : Infinity).map((piece, i): Rail => ({
        ...piece,
        side,
        level,
        bar: barOf({
          id: `rail-${side < 0 ? 'front' : 'back'}-${level}-${i + 1}`,
          role: 'rail',
          of: rail,
          from: [piece.fromMm, y, z],
          to: [piece.toMm, y, z],
          wide: UP,
          cutMm: piece.toMm - piece.fromMm,
        }),
      }));
    }),
  );
}

/** How many bays the short first rail covers: about half, and so that its line shares the fewest joints with the others. */
function shortStart(postsAt: readonly number[], postMm: number, longest: number, bays: number): number {
  const joints = (first: number): Set<number> =>
    new Set(
      piecesOverPosts(postsAt, postMm, longest, first)
        .slice(1)
        .map((piece) => piece.fromMm),
    );
  const straight = joints(Infinity);
  const shared = (first: number): number => [...joints(first)].filter((at) => straight.has(at)).length;
  const half = Math.max(1, Math.floor(bays / 2));
  const tries = Array.from({ length: Math.max(1, bays) }, (_, i) => i + 1).sort(
    (a, b) => Math.abs(a - half) - Math.abs(b - half),
  );
  return tries.reduce((best, one) => (shared(one) < shared(best) ? one : best));
}

/** A rail that ends over the middle of a post is screwed on its own half. mm. */
const inset = (one: Rail, postAt: number): number =>
  (Math.abs(one.fromMm - postAt) < 1 ? 1 : Math.abs(one.toMm - postAt) < 1 ? -1 : 0) * SCREW_IN_MM;

export function railJoints(t: Trellis, rails: readonly Rail[], posts: readonly Bar[]): Joint[] {
  const screw = screwThrough(t.setting, t.rail.thickMm, t.postMm);
  return rails.flatMap((one) =>
    posts.flatMap((post, i): Joint[] => {
      const at = t.postsAt[i] as number;
      if (at < one.fromMm - 1 || at > one.toMm + 1) return [];
      const face = t.y + one.side * (t.postMm / 2);
      return [
        {
          id: `${one.bar.id}-${post.id}`,
          kind: 'rail to post',
          places: [-1, 1].map((way) => [at + inset(one, at), face, one.bar.from[2] + (way * t.rail.wideMm) / 4]),
          parts: [one.bar.id, post.id],
          fixings: [{ stock: screw, count: 2, drive: { through: one.bar.id, into: post.id, way: [0, -one.side, 0] } }],
        },
      ];
    }),
  );
}
