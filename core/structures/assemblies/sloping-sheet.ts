import type { Joint } from '../../design/design';
import { barOf, type Bar } from '../../design/shapes/bar';
import { add, cross, scale, unit, type Point } from '../../geometry/space';
import { inches } from '../../quantity/length';
import { onGround, wayAlong, type Ground } from '../../site/ground';
import { screwThrough } from '../rules/fixings';
import { piecesOverPosts } from '../rules/over-posts';
import { equalBays } from '../rules/spacing';
import type { BedSetting } from '../setting';
import type { SetPost } from './set-post';

/** The plane of its mesh over a row: along the soil, up the slope, and out of its face. */
export interface Plane {
  along: Point;
  up: Point;
  out: Point;
  /** A place by a tape along the row, up the slope from the middles of the front rafters’ ends, out of the rafters’ middles. mm. */
  at: (alongMm: number, upMm: number, outMm?: number) => Point;
  /** From the front end of the rafters to their back end, and how far they go past the posts at both. mm. */
  longMm: number;
  pastMm: number;
}

/** The plane over posts at these places across the bed, so high, the middles of its rafters so far under their tops. mm. */
export function planeOf(
  ground: Ground,
  o: { front: number; back: number; frontMm: number; backMm: number; pastMm: number; underTopMm: number },
): Plane {
  const along = wayAlong(ground);
  const up = unit([0, o.back - o.front, o.backMm - o.frontMm]);
  const out = unit(cross(along, up));
  const longMm = Math.hypot(o.back - o.front, o.backMm - o.frontMm) + 2 * o.pastMm;
  return {
    pastMm: o.pastMm,
    along,
    up,
    out,
    longMm,
    at: (alongMm, upMm, outMm = 0) =>
      add(
        add(onGround(ground, alongMm, o.front), [0, 0, o.frontMm - o.underTopMm]),
        add(scale(up, upMm - o.pastMm), scale(out, outMm)),
      ),
  };
}

export interface Rafter {
  bar: Bar;
  alongMm: number;
  joints: Joint[];
}

/** A rafter beside each pair of posts, on the side towards the next; the last one on the side towards the one before. */
export function raftersOf(
  plane: Plane,
  o: {
    posts: readonly (readonly [front: SetPost, back: SetPost])[];
    postsAt: readonly number[];
    /** Across a post, along the row; and what the joint is called. mm. */
    postMm: number;
    joint: string;
    /** Two screws, so far from the middle of the post along the rafter. mm. */
    screwsMm: number;
    of: { id: string; wideMm: number; thickMm: number };
    setting: BedSetting;
  },
): Rafter[] {
  const screw = screwThrough(o.setting, o.of.thickMm, o.postMm);
  return o.posts.map((pair, i) => {
    const way = i === o.posts.length - 1 ? -1 : 1;
    const off = (way * (o.postMm + o.of.thickMm)) / 2;
    const alongMm = (o.postsAt[i] as number) + off;
    const bar = barOf({
      id: `rafter-${i + 1}`,
      role: 'rafter',
      of: o.of,
      from: plane.at(alongMm, 0),
      to: plane.at(alongMm, plane.longMm),
      wide: plane.out,
    });
    const joints = pair.map((post, n): Joint => {
      const upMm = n === 0 ? plane.pastMm : plane.longMm - plane.pastMm;
      const face = plane.at(alongMm - (way * o.of.thickMm) / 2, upMm);
      return {
        id: `${bar.id}-${post.id}`,
        kind: o.joint,
        places: [face],
        parts: [bar.id, post.id],
        fixings: [
          {
            stock: screw,
            count: 2,
            drive: {
              through: bar.id,
              into: post.id,
              way: [-way, 0, 0],
              // One before the other along the rafter, both under the top of the post.
              places: [-o.screwsMm, o.screwsMm].map((by) => plane.at(alongMm + (way * o.of.thickMm) / 2, upMm + by)),
            },
          },
        ],
      };
    });
    return { bar, alongMm, joints };
  });
}
/** Of two laths that follow each other each goes so far past the rafter they share (from memory). mm. */
const LAP_MM = inches(2);

/** Laths along the row on the rafters: at the front end, the upper edge of what lies on them and evenly between, no farther apart than is said; pieces lie side by side over a rafter. */
export function lathsOf(
  plane: Plane,
  o: {
    rafters: readonly Rafter[];
    lath: { id: string; wideMm: number; thickMm: number };
    of: { wideMm: number; thickMm: number };
    toMm: number;
    apartMm: number;
    rowMm: number;
    setting: BedSetting;
  },
): { bars: Bar[]; joints: Joint[]; ups: readonly number[] } {
  const { lath } = o;
  const [low, high] = [lath.wideMm / 2, Math.max(lath.wideMm * 3.6, o.toMm - lath.wideMm / 2)];
  const ups = equalBays([low, high], o.apartMm);
  const longest = o.setting.sizesOf(lath.id).at(-1) ?? o.rowMm;
  // From end to end of the row; where one does not reach, the next begins over a rafter between, beside it.
  const half = o.of.thickMm / 2;
  const inner = o.rafters.slice(1, -1).map(({ alongMm }) => alongMm);
  const most = o.rowMm <= longest ? longest : longest - 2 * LAP_MM;
  const pieces = piecesOverPosts([half, ...inner, o.rowMm - half], o.of.thickMm, most).map(
    ({ fromMm, toMm }, i, all) => ({
      fromMm: i === 0 ? fromMm : fromMm - LAP_MM,
      toMm: i === all.length - 1 ? toMm : toMm + LAP_MM,
    }),
  );
  const outMm = (o.of.wideMm + lath.thickMm) / 2;
  const screw = screwThrough(o.setting, lath.thickMm, o.of.wideMm);
  const laid = ups.flatMap((up, n) =>
    pieces.map(({ fromMm, toMm }, m) => {
      // The uppermost stay under the edge of what lies on them.
      const at = up + (m % 2) * lath.wideMm * (n === ups.length - 1 ? -1 : 1);
      const bar = barOf({
        id: `lath-${n + 1}-${m + 1}`,
        role: 'lath',
        of: lath,
        from: plane.at(fromMm, at, outMm),
        to: plane.at(toMm, at, outMm),
        wide: unit(cross(plane.out, plane.along)),
      });
      const joints = o.rafters.flatMap((rafter): Joint[] => {
        const { alongMm } = rafter;
        if (alongMm < fromMm - 1 || alongMm > toMm + 1) return [];
        return [
          {
            id: `${bar.id}-${rafter.bar.id}`,
            kind: 'lath to rafter',
            places: [plane.at(alongMm, at, o.of.wideMm / 2)],
            parts: [bar.id, rafter.bar.id],
            fixings: [
              {
                stock: screw,
                count: 1,
                drive: {
                  through: bar.id,
                  into: rafter.bar.id,
                  way: scale(plane.out, -1),
                  // In the middle, before what holds the sheet on the lath is set round it.
                  places: [plane.at(alongMm, at, o.of.wideMm / 2 + lath.thickMm)],
                },
              },
            ],
          },
        ];
      });
      return { bar, joints };
    }),
  );
  return { bars: laid.map(({ bar }) => bar), joints: laid.flatMap(({ joints }) => joints), ups };
}
