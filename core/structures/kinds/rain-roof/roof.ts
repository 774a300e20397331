import type { MeshRoll, Timber } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { add, minus, scale, unit, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import { risingBrace } from '../../assemblies/brace';
import { meshOver, type Plane as Face } from '../../assemblies/covered-panel';
import type { SetPost } from '../../assemblies/set-post';
import type { Plane } from '../../assemblies/sloping-sheet';
import { stapledOn, staplesAlong } from '../../assemblies/staples';
import { screwThrough } from '../../rules/fixings';
import type { BedSetting } from '../../setting';

/** Film is folded twice round the outermost laths and past the ends of the others by so much; a staple so often (from memory). mm. */
export const FOLD_MM = inches(4);
export const STAPLE_EVERY_MM = inches(4);
const STAPLE_CLEAR_MM = inches(2);
/** Braces start so far over the soil, and end so far under the top of the next post (from memory). mm. */
const BRACE_UP_MM = inches(8);
const BRACE_DOWN_MM = inches(10);
/** Two screws at each end of a brace, so far from its middle along the post (from memory). mm. */
const BRACE_SCREWS_MM = 18;

/** Clear film over all of its laths, from the front ends of the rafters to their back ends. */
export function filmOver(
  plane: Plane,
  o: { roll: MeshRoll; laths: readonly Bar[]; outMm: number; rowMm: number },
): Assembled {
  const face: Face = {
    at: (along, across, up) => plane.at(along, plane.longMm / 2 + across, o.outMm + up),
    way: plane.along,
    side: plane.up,
    normal: plane.out,
    wideMm: plane.longMm,
  };
  const film = meshOver(face, {
    id: 'film',
    role: 'film',
    roll: o.roll,
    fromMm: 0,
    longMm: o.rowMm,
    up: 0,
    lapMm: FOLD_MM,
    turnedMm: FOLD_MM,
  });
  const into = scale(plane.out, -1);
  return {
    parts: film,
    joints: film.map((sheet) =>
      stapledOn(
        [sheet],
        'film on laths',
        o.laths.flatMap((lath) => {
          const lift = scale(plane.out, lath.thickMm / 2);
          // Of a tacker: a fence staple tears film.
          const along = staplesAlong(sheet, {
            into: lath,
            from: add(lath.from, lift),
            to: add(lath.to, lift),
            way: into,
            everyMm: STAPLE_EVERY_MM,
            clearMm: STAPLE_CLEAR_MM,
          });
          return along.map((one) => ({ ...one, stock: 'staple-tacker' }));
        }),
      ),
    ),
  };
}

/** A brace across each end bay of the back posts, on their outer faces, from low on the outer post to high on the next; where there is one bay, one. */
export function bracesBehind(backs: readonly SetPost[], of: Timber, setting: BedSetting): Assembled {
  const pairs = [
    [backs[0], backs[1]],
    [backs.at(-1), backs.at(-2)],
  ].slice(0, backs.length > 2 ? 2 : 1) as [SetPost, SetPost][];
  const screw = screwThrough(setting, of.thickMm, backs[0]?.thickMm ?? 0);
  const made = pairs.flatMap(([outer, next], i) => {
    const face = (post: SetPost, upMm: number): Point =>
      add(post.from, [0, (post.thickMm + of.thickMm) / 2, post.buriedMm + upMm]);
    const [low, high] = [face(outer, BRACE_UP_MM), face(next, next.stands.aboveMm - BRACE_DOWN_MM)];
    if (high[2] - low[2] < inches(12)) return [];
    // Over all of the posts: its plumb ends lie on their outer edges.
    const way = unit([high[0] - low[0], 0, 0]);
    const slope = (high[2] - low[2]) / Math.abs(high[0] - low[0]);
    const past = (at: Point, by: number): Point => add(at, [way[0] * by, 0, slope * by]);
    const brace = risingBrace({
      id: `brace-${i + 1}`,
      of,
      from: past(low, -outer.wideMm / 2),
      to: past(high, next.wideMm / 2),
    });
    const axis = unit(minus(brace.to, brace.from));
    const joints = [
      { post: outer, at: low },
      { post: next, at: high },
    ].map(({ post, at }): Joint => {
      const out: Point = [0, of.thickMm / 2, 0];
      return {
        id: `${brace.id}-${post.id}`,
        kind: 'brace to post',
        places: [add(at, scale(out, -1))],
        parts: [brace.id, post.id],
        fixings: [
          {
            stock: screw,
            count: 2,
            drive: {
              through: brace.id,
              into: post.id,
              way: [0, -1, 0],
              places: [-1, 1].map((by) => add(add(at, out), scale(axis, by * BRACE_SCREWS_MM))),
            },
          },
        ],
      };
    });
    return [{ brace, joints }];
  });
  return { parts: made.map(({ brace }) => brace), joints: made.flatMap(({ joints }) => joints) };
}
