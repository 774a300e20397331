import type { Joint } from '../../design/design';
import { barOf, type Bar } from '../../design/shapes/bar';
import { minus, scale, unit, UP, type Point } from '../../geometry/space';
import { screwThrough } from '../rules/fixings';
import type { Stretch } from '../rules/over-posts';
import type { Said } from '../said';
import type { Setting } from '../setting';

/** A piece of rail with the stretch of the posts that it lies over. */
export interface LaidRail extends Stretch {
  bar: Bar;
}

/**
 * Rails end to end on one face of a line of posts, two screws into each post they pass; of two that meet over a post
 * each is screwed on its own half. mm.
 */
export function railsOver(o: {
  pieces: readonly Stretch[];
  rail: { id: string; wideMm: number; thickMm: number };
  posts: readonly Bar[];
  /** Middles of the posts along them, and how deep they are behind the face the rails lie on. */
  postsAtMm: readonly number[];
  postMm: number;
  /** A place along the posts, so far out of their face, at the middle of the rail’s height. */
  at: (alongMm: number, outMm: number) => Point;
  id: (i: number) => string;
  role: string;
  /** Out of the rail into the posts. */
  inwards: Point;
  /** A rail that ends over the middle of a post is screwed so far in from its end. */
  insetMm: number;
  /** Its two screws are told each by its own place, so far over and under the middle; else together. */
  apartMm?: number;
  setting: Setting;
}): { rails: LaidRail[]; joints: Joint[] } {
  const screw = screwThrough(o.setting, o.rail.thickMm, o.postMm);
  const rails = o.pieces.map((piece, i): LaidRail => {
    const [from, to] = [piece.fromMm, piece.toMm].map((along) => o.at(along, o.rail.thickMm / 2)) as [Point, Point];
    const way = unit(minus(to, from));
    // The way up its wide face, square to its length.
    const wide = unit(minus(UP, scale(way, way[2])));
    return { ...piece, bar: barOf({ id: o.id(i), role: o.role, of: o.rail, from, to, wide }) };
  });
  const joints = rails.flatMap(({ bar, fromMm, toMm }) =>
    o.posts.flatMap((post, n): Joint[] => {
      const at = o.postsAtMm[n] as number;
      if (at < fromMm - 1 || at > toMm + 1) return [];
      const inset = (Math.abs(at - fromMm) < 1 ? 1 : Math.abs(at - toMm) < 1 ? -1 : 0) * o.insetMm;
      const [x, y, z] = o.at(at + inset, 0);
      const ups = o.apartMm === undefined ? [0] : [-o.apartMm, o.apartMm];
      return [
        {
          id: `${bar.id}-${post.id}`,
          kind: 'rail to post',
          places: ups.map((up) => [x, y, z + up]),
          parts: [bar.id, post.id],
          fixings: [{ stock: screw, count: 2, drive: { through: bar.id, into: post.id, way: o.inwards } }],
        },
      ];
    }),
  );
  return { rails, joints };
}

/** Rails on the faces of posts. */
export const RAILS = { names: { joints: { 'rail to post': 'Rail to post' } } } as const satisfies Said;
