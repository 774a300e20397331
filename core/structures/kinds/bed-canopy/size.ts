import { stockOf } from '../../../catalogue/catalogue';
import type { SectionId } from '../../../catalogue/stock';
import { timberId } from '../../../catalogue/timber';
import { ascending, chain } from '../../../design/chain';
import { placed, type Design, type Hold, type Joint } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { lineOf } from '../../../design/shapes/line';
import { UP, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { SEEN_MM } from '../../../checks/check';
import { toPick } from '../../../site/bed';
import { groundAt } from '../../../site/ground';
import { fact } from '../../../wording/say';
import { together, type Assembled } from '../../assemblies/assembly';
import { bedRow, groundOf } from '../../assemblies/bed-row';
import { pourFootings, setBy } from '../../assemblies/footing';
import { setPost, type SetPost } from '../../assemblies/set-post';
import type { Sizing } from '../../kind';
import { screwThrough } from '../../rules/fixings';
import { footAt, type Lie } from '../../rules/lie';
import { acrossBed } from '../../rules/row';
import { lastingTimber } from '../../rules/timber-knobs';
import type { BedSetting } from '../../setting';
import { grainShare } from './curve';
import { mostHeight, type BedCanopyValues } from './knobs';
import { layRoof } from './roof';

/** Plants stand so far inside the outsides of the posts (from memory). mm. */
const PLANTS_IN_MM = inches(2);
/** A string is made fast at both ends with so much (from memory). mm. */
const STRING_END_MM = inches(6);

/** What its own checks and mends ask for. */
export interface BedCanopyFacts {
  rowsAtMm: readonly number[];
  /** The share of a rafter in which the grain runs through. */
  grain: number;
  /** How wide a board the rafters are sawn out of. */
  boardMm: number;
}

const reasonsOf = (v: BedCanopyValues): Design['reasons'] => ({
  post: fact('count.posts'),
  'frame side': fact('count.sides'),
  'frame end': fact('count.ends'),
  rafter: fact('count.rafters'),
  boss: fact('count.boss'),
  string: fact('count.strings', { strings: v.strings }),
  'frame to post': fact('count.frame-screws'),
  'rafter on post': fact('count.rafter-screws'),
  'boss on rafter': fact('count.boss-screws'),
  'string pegged': fact('count.pegs'),
});

/** Sizes the canopy: four posts to one level, a frame round their tops, four rafters of one curve under a boss, strings at the sides. */
export function sizeBedCanopy(v: BedCanopyValues, setting: BedSetting): Sizing<BedCanopyFacts> {
  const timber = (section: SectionId) => stockOf(setting.catalogue, lastingTimber(setting, section), 'timber');
  const { wideMm: postMm } = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const ground = groundOf(setting.place.bed);
  const lie: Lie = { ground, level: true };
  const y = acrossBed(v.rowAt, setting);
  const at = { x: [postMm / 2, v.rowLength - postMm / 2], y: [y - (v.wide - postMm) / 2, y + (v.wide - postMm) / 2] };
  const levelMm = v.height + Math.max(...at.x.map((x) => groundAt(ground, x)));
  const posts = at.y.flatMap((across, back) =>
    at.x.map((along, far) =>
      setPost({
        id: `post-${back === 0 ? 'front' : 'back'}-${far + 1}`,
        foot: footAt(lie, along, across),
        aboveMm: levelMm - groundAt(ground, along),
        depthMm: v.depth,
        section: v.section,
        treatment: v.treatment,
        setting,
        set: setBy(v.footing),
      }),
    ),
  );
  // Where no post on sale is long enough, all of it stands lower.
  const topMm = Math.min(levelMm, ...posts.map(({ to }) => to[2]));
  const stood = posts.map((post): SetPost => ({ ...post, to: [post.to[0], post.to[1], topMm] }));
  const frame = topFrame(v, setting, { posts, y, topMm, postMm, of: timber(v.frameOf) });
  const roof = layRoof(stood, {
    middle: [v.rowLength / 2, y, 0],
    riseMm: v.rise,
    swingMm: v.swing,
    of: timber(v.rafterOf),
    bossOf: timber(v.bossOf),
  });
  const rows = [
    { acrossMm: y - v.wide / 2 + PLANTS_IN_MM, side: 'front' as const },
    { acrossMm: y + v.wide / 2 - PLANTS_IN_MM, side: 'back' as const },
  ];
  // Along the side that nobody reaches grows nothing, as behind a notch.
  const near = rows.filter(({ acrossMm }) => toPick(setting.place.bed, acrossMm) <= setting.armMm + SEEN_MM);
  const planted = near.length > 0 ? near : rows;
  const rowsAtMm = planted.map(({ acrossMm }) => acrossMm);
  const row = bedRow(setting, v, {
    builtMm: v.rowLength,
    yMm: y,
    topMm,
    endTopMm: 0,
    rows: planted,
    rowsAtMm,
  });
  const bossMm = topMm + v.rise;
  return {
    design: placed({
      ...together(
        { parts: posts },
        frame,
        { parts: [...roof.rafters, roof.boss], joints: roof.joints },
        v.strings > 0 && stringSides(v, setting, frame.sides, lie),
        pourFootings(posts, v.footing, v.gravel),
        { reasons: reasonsOf(v) },
      ),
      ...row,
      hold: holdOf(
        v,
        setting,
        at.x.map((x) => topMm - groundAt(ground, x)),
      ),
      marks: [
        ...row.marks,
        chain('elevation', 'x', 'posts', at.x),
        chain('end', 'x', 'over the posts', [y - v.wide / 2, y + v.wide / 2], [0, v.wide]),
        chain('end', 'z', 'heights', ascending([-v.depth, 0, topMm, bossMm])),
      ],
      handles: [
        ...row.handles,
        { knob: 'height', view: 'elevation', at: [v.rowLength / 4, 0, topMm], axis: 'up' },
        { knob: 'rise', view: 'elevation', at: [v.rowLength / 2, 0, bossMm], axis: 'up' },
        { knob: 'wide', view: 'end', at: [0, y + v.wide / 2, topMm / 2], axis: 'right', perMm: 2 },
        { knob: 'depth', view: 'end', at: [0, y, -v.depth], axis: 'up', perMm: -1 },
      ],
    }),
    facts: { rowsAtMm, grain: grainShare(roof.curve), boardMm: timber(v.rafterOf).wideMm },
  };
}

interface Frame extends Assembled {
  sides: readonly Bar[];
}

/** Boards flat on the outsides of the posts, flush with their tops: the long ones first, the short ones over their ends. */
function topFrame(
  v: BedCanopyValues,
  setting: BedSetting,
  o: {
    posts: readonly SetPost[];
    y: number;
    topMm: number;
    postMm: number;
    of: { id: string; wideMm: number; thickMm: number };
  },
): Frame {
  const z = o.topMm - o.of.wideMm / 2;
  const screw = screwThrough(setting, o.of.thickMm, o.postMm);
  const joint = (bar: Bar, post: SetPost, out: Point): Joint => ({
    id: `${bar.id}-${post.id}`,
    kind: 'frame to post',
    places: [[post.to[0] + (out[0] * o.postMm) / 2, post.to[1] + (out[1] * o.postMm) / 2, z]],
    parts: [bar.id, post.id],
    fixings: [{ stock: screw, count: 2, drive: { through: bar.id, into: post.id, way: [-out[0], -out[1], 0] } }],
  });
  const made = ([-1, 1] as const).flatMap((side) => {
    const across = o.y + side * (v.wide / 2 + o.of.thickMm / 2);
    const long = barOf({
      id: `side-${side < 0 ? 'front' : 'back'}`,
      role: 'frame side',
      of: o.of,
      from: [0, across, z],
      to: [v.rowLength, across, z],
      wide: UP,
    });
    const x = side < 0 ? -o.of.thickMm / 2 : v.rowLength + o.of.thickMm / 2;
    const half = v.wide / 2 + o.of.thickMm;
    const short = barOf({
      id: `end-${side < 0 ? 1 : 2}`,
      role: 'frame end',
      of: o.of,
      from: [x, o.y - half, z],
      to: [x, o.y + half, z],
      wide: UP,
    });
    return [
      {
        bar: long,
        joints: o.posts
          .filter(({ to }) => Math.sign(to[1] - o.y) === side)
          .map((post) => joint(long, post, [0, side, 0])),
      },
      {
        bar: short,
        joints: o.posts
          .filter(({ to }) => Math.sign(to[0] - v.rowLength / 2) === side)
          .map((post) => joint(short, post, [side, 0, 0])),
      },
    ];
  });
  return {
    parts: made.map(({ bar }) => bar),
    joints: made.flatMap(({ joints }) => joints),
    sides: made.map(({ bar }) => bar).filter(({ role }) => role === 'frame side'),
  };
}

/** Strings along both sides, from a turn round the frame's board down to a peg. */
function stringSides(v: BedCanopyValues, setting: BedSetting, sides: readonly Bar[], lie: Lie): Assembled {
  const of = stockOf(setting.catalogue, `twine-${v.twine}`, 'cord');
  const made = sides.flatMap((side) =>
    Array.from({ length: v.strings }, (_, n) => {
      const x = (v.rowLength * (n + 1)) / (v.strings + 1);
      const face = side.from[1] + (Math.sign(side.from[1] - (sides[0]?.from[1] ?? 0)) || -1) * (side.thickMm / 2);
      const low = footAt(lie, x, face);
      const high: Point = [x, face, side.from[2]];
      const string = lineOf({
        id: `string-${side.id.slice(5)}-${n + 1}`,
        role: 'string',
        of,
        path: [low, high],
        cutMm: high[2] - low[2] + 2 * (side.wideMm + side.thickMm) + 2 * STRING_END_MM,
      });
      const joints: Joint[] = [
        {
          id: `${string.id}-tied`,
          kind: 'string to rung',
          by: 'tied',
          places: [high],
          parts: [string.id, side.id],
          fixings: [],
        },
        {
          id: `${string.id}-peg`,
          kind: 'string pegged',
          places: [low],
          parts: [string.id],
          fixings: [{ stock: 'ground-peg', count: 1 }],
        },
      ];
      return { string, joints };
    }),
  );
  return { parts: made.map(({ string }) => string), joints: made.flatMap(({ joints }) => joints) };
}

/** What climbs holds on to strings, or is tied to the posts, and goes on over the rafters. mm. */
function holdOf(v: BedCanopyValues, setting: BedSetting, topsMm: readonly number[]): Hold {
  const topMm = Math.max(...topsMm);
  const { wideMm: postMm } = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const strung = v.strings > 0;
  return {
    by: strung ? 'string' : 'poles',
    meshMm: null,
    memberMm: strung ? stockOf(setting.catalogue, `twine-${v.twine}`, 'cord').diameterMm : postMm,
    stepMm: strung ? v.rowLength / (v.strings + 1) : v.height,
    fineToMm: 0,
    carries: 'heavy',
    startsMm: 0,
    gapMm: 0,
    topMm: { least: Math.min(...topsMm), most: topMm },
    // Where it is lowest: it is level over soil that falls.
    could: { topMm: Math.max(Math.min(...topsMm), mostHeight(setting, v)), carries: 'heavy', net: true },
  };
}
