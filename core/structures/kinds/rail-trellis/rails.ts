import type { WeldedPanel } from '../../../catalogue/stock';
import { timberId } from '../../../catalogue/timber';
import type { Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { feet, inches } from '../../../quantity/length';
import { railsOver, type LaidRail } from '../../assemblies/rails';
import { baysAPiece, piecesOverPosts } from '../../rules/over-posts';
import type { BedSetting } from '../../setting';
import type { RailTrellisValues } from './knobs';

/** Longest rail, where the price book names no length (from memory). mm. */
const USUAL_RAIL_MM = feet(16);
/** Screws stand this far from the end of a rail (from memory). mm. */
const SCREW_IN_MM = inches(0.75);

export interface Rail extends LaidRail {
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
export function layRails(t: Trellis, posts: readonly Bar[]): { rails: Rail[]; joints: Joint[] } {
  const { v, rail } = t;
  const longest = longestRail(v, t.setting);
  const bays = baysAPiece(t.postsAt, t.postMm, longest);
  const staggered = v.stagger === 'yes' ? shortStart(t.postsAt, t.postMm, longest, bays) : [];
  const lines = t.sides.flatMap((side) =>
    (['bottom', 'top'] as const).map((level) => {
      const short = t.sides.length > 1 ? side > 0 : level === 'bottom';
      const z = level === 'bottom' ? t.lowMm + rail.wideMm / 2 : t.highMm - rail.wideMm / 2;
      const laid = railsOver({
        pieces: piecesOverPosts(t.postsAt, t.postMm, longest, ...(short ? staggered : [])),
        rail,
        posts,
        postsAtMm: t.postsAt,
        postMm: t.postMm,
        at: (x, out) => [x, t.y + side * (t.postMm / 2 + out), z],
        id: (i) => `rail-${side < 0 ? 'front' : 'back'}-${level}-${i + 1}`,
        role: 'rail',
        inwards: [0, -side, 0],
        insetMm: SCREW_IN_MM,
        apartMm: rail.wideMm / 4,
        setting: t.setting,
      });
      return { ...laid, rails: laid.rails.map((one): Rail => ({ ...one, side, level })) };
    }),
  );
  return { rails: lines.flatMap(({ rails }) => rails), joints: lines.flatMap(({ joints }) => joints) };
}

/**
 * How many bays the short first rail covers, and its later ones at the most: about half, and so that its line shares
 * the fewest joints with the others; later ones are kept shorter only where that is what it takes.
 */
function shortStart(
  postsAt: readonly number[],
  postMm: number,
  longest: number,
  bays: number,
): [first: number, later: number] {
  const joints = (...bounds: number[]): Set<number> =>
    new Set(
      piecesOverPosts(postsAt, postMm, longest, ...bounds)
        .slice(1)
        .map((piece) => piece.fromMm),
    );
  const straight = joints();
  const shared = (bounds: readonly number[]): number => [...joints(...bounds)].filter((at) => straight.has(at)).length;
  const half = Math.max(1, Math.floor(bays / 2));
  const firsts = Array.from({ length: Math.max(1, bays) }, (_, i) => i + 1).sort(
    (a, b) => Math.abs(a - half) - Math.abs(b - half),
  );
  // As long as they come, before as many bays fewer.
  const tries = [Infinity, ...firsts.toSorted((a, b) => b - a)].flatMap((later) =>
    firsts.map((first): [number, number] => [first, later]),
  );
  return tries.reduce((best, one) => (shared(one) < shared(best) ? one : best));
}
