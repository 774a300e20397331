import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import { ascending, chain, soilChain } from '../../../design/chain';
import { placed, type Design } from '../../../design/design';
import { add, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { fact, type Fact } from '../../../wording/say';
import { together } from '../../assemblies/assembly';
import { bedRow, groundOf, spacingPull } from '../../assemblies/bed-row';
import { pourFootings, setBy } from '../../assemblies/footing';
import { setPost, type SetPost } from '../../assemblies/set-post';
import type { Sizing } from '../../kind';
import { baysOfRow, rowAsStood, stoodReason } from '../../rules/as-stood';
import { hungInCrop, wireHeights, wiresHold, type HungInCrop } from '../../rules/level-wires';
import { footAt, type Lie } from '../../rules/lie';
import { acrossBed } from '../../rules/row';
import { equalBays, widestBay } from '../../rules/spacing';
import { lastingTimber } from '../../rules/timber-knobs';
import type { BedSetting } from '../../setting';
import { crossArms, guyEnds, strainWire, strutEnds, type Arm, type Crossing } from './frame';
import { ABOVE_WIRE_MM, mostTop, type PostAndWireValues } from './knobs';

/** A wire lies so far in from the tip of its arm (from memory). mm. */
const FROM_TIP_MM = inches(1);
/** Two staples over each other split a post where they are closer than a hand's breadth (from memory). mm. */
const STAPLE_TAKES_MM = inches(3);

/** What its own checks and mends ask for. */
export interface PostAndWireFacts {
  rowsAtMm: readonly number[];
  spacingMm: number;
  /** Between two heights of wire at the least; what each takes of the post. */
  apartMm: number;
  takesMm: number;
  /** The wires in full crop, in the widest bay. */
  hung: HungInCrop;
}

/** Why there are so many of each. */
function reasonsOf(
  v: PostAndWireValues,
  stood: Fact | null,
  o: { posts: number; lines: number; heights: number; totalMm: number },
): Design['reasons'] {
  return {
    post: stood ?? fact('count.posts', { posts: o.posts, spacing: { mm: v.postSpacing } }),
    strut: fact('count.struts'),
    arm: fact('count.arms', { heights: o.heights }),
    wire: fact(o.lines > 1 ? 'count.wires.two' : 'count.wires', { heights: o.heights, total: { mm: o.totalMm } }),
    'guy wire': fact('count.guys'),
    'strut to post': fact('count.strut-screws'),
    'arm to post': fact('count.arm-screws'),
    'wire made fast': fact('count.fast'),
    'wire to post': fact('count.staples'),
    'guy to post': fact('count.eyes'),
    'guy to anchor': fact('count.anchors'),
    'turnbuckle in a wire': fact('count.turnbuckles'),
  };
}

/** Sizes the row: posts in equal bays, its end posts held, wires at their heights on one face or on arms. */
export function sizePostAndWire(v: PostAndWireValues, setting: BedSetting): Sizing<PostAndWireFacts> {
  const { wideMm: postMm } = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const of = stockOf(setting.catalogue, v.wire, 'cord');
  const stuff = stockOf(setting.catalogue, lastingTimber(setting, v.strutOf), 'timber');
  const turnbuckle = stockOf(setting.catalogue, 'turnbuckle', 'piece').lengthMm;
  const ground = groundOf(setting.place.bed);
  const lie: Lie = { ground, level: false };
  const heights = wireHeights(v);
  const top = heights.at(-1) ?? v.top;
  const y = acrossBed(v.rowAt, setting);
  const postId = (i: number): string => `post-${i + 1}`;
  const stood = rowAsStood(equalBays([postMm / 2, v.rowLength - postMm / 2], v.postSpacing), postMm, postId, setting);
  const { postsAt } = stood;
  const builtMm = (postsAt.at(-1) as number) + postMm / 2;
  const posts = postsAt.map((at, i) =>
    setPost({
      id: postId(i),
      foot: footAt(lie, at, y),
      aboveMm: top + ABOVE_WIRE_MM,
      depthMm: i === 0 || i === postsAt.length - 1 ? Math.max(v.depth, v.endDepth) : v.depth,
      section: v.section,
      treatment: v.treatment,
      setting,
      set: setBy(v.footing),
    }),
  );
  const double = v.form === 'double';
  const arms = double ? crossArms(posts, heights, { of: stuff, longMm: v.arms, wireMm: of.diameterMm, setting }) : null;
  const lines = double ? [-1, 1] : [0];
  const wires = heights.flatMap((up, k) =>
    lines.map((side) =>
      strainWire(
        `wire-${k + 1}${double ? (side < 0 ? 'a' : 'b') : ''}`,
        of,
        arms ? overArms(arms.arms, k, side, v.arms, of.diameterMm) : onPosts(posts, up, of.diameterMm),
        { turnbuckleMm: turnbuckle, pullN: v.pull },
      ),
    ),
  );
  const plantY = double ? y : y - postMm / 2;
  const row = bedRow(setting, v, {
    builtMm,
    yMm: y,
    topMm: top,
    endTopMm: 0,
    rows: [{ acrossMm: plantY, side: double ? 'in line' : 'front' }],
    rowsAtMm: [y],
  });
  const totalMm = wires.reduce((sum, { wire }) => sum + wire.cutMm, 0);
  const span = widestBay(postsAt);
  const hung = hungInCrop(v, setting, {
    stations: row.stations,
    wires: wires.length,
    spanMm: span,
    diameterMm: of.diameterMm,
  });
  const [, second] = posts as [SetPost, SetPost];
  const low = heights[0] ?? top;
  const inFirstBay = ((postsAt[0] ?? 0) + (postsAt[1] ?? 0)) / 2;
  return {
    design: placed({
      ...together(
        { parts: posts },
        v.ends === 'strut' && strutEnds(posts, stuff),
        v.ends === 'guy' && guyEnds(posts, stockOf(setting.catalogue, 'guy-wire', 'cord'), turnbuckle),
        arms && { parts: arms.arms.map(({ bar }) => bar), joints: arms.joints },
        { parts: wires.map(({ wire }) => wire), joints: wires.flatMap(({ joints }) => joints) },
        pourFootings(posts, v.footing, v.gravel),
        {
          reasons: reasonsOf(v, stoodReason(stood), {
            posts: posts.length,
            lines: lines.length,
            heights: heights.length,
            totalMm,
          }),
        },
      ),
      ...row,
      bays: baysOfRow(stood, postMm, postId, lie),
      hold: wiresHold(heights, of.diameterMm, mostTop(setting, v)),
      marks: [
        ...row.marks,
        soilChain(ground, 'posts', postsAt),
        chain('end', 'z', 'heights', ascending([-v.depth, 0, ...heights])),
      ],
      handles: [
        ...row.handles,
        { knob: 'top', view: 'elevation', at: footAt(lie, inFirstBay, 0, top), axis: 'up' },
        v.wires > 1 && { knob: 'lowest', view: 'elevation', at: footAt(lie, inFirstBay, 0, low), axis: 'up' },
        { knob: 'depth', view: 'end', at: [0, y, -v.depth], axis: 'up', perMm: -1 },
        double && { knob: 'arms', view: 'end', at: [0, y + v.arms / 2, top], axis: 'right', perMm: 2 },
        spacingPull(second.to),
      ],
    }),
    facts: {
      rowsAtMm: [y],
      spacingMm: span,
      apartMm: Math.min(...heights.slice(1).map((up, i) => up - (heights[i] ?? 0))),
      takesMm: double ? stuff.wideMm : STAPLE_TAKES_MM,
      hung,
    },
  };
}

/** A wire on the front faces of the posts. */
const onPosts = (posts: readonly SetPost[], upMm: number, wireMm: number): Crossing[] =>
  posts.map((member): Crossing => ({
    member,
    at: add(member.from, [0, -(member.thickMm + wireMm) / 2, member.buriedMm + upMm]),
    into: [0, 1, 0],
    aside: [1, 0, 0],
  }));

/** A wire on the upper edges of the arms at its height, near one of their tips. */
const overArms = (arms: readonly Arm[], height: number, side: number, longMm: number, wireMm: number): Crossing[] =>
  arms
    .filter((arm) => arm.height === height)
    .map(({ bar }): Crossing => {
      const middle: Point = [bar.from[0], (bar.from[1] + bar.to[1]) / 2, bar.from[2]];
      return {
        member: bar,
        at: add(middle, [0, side * (longMm / 2 - FROM_TIP_MM), (bar.wideMm + wireMm) / 2]),
        into: [0, 0, -1],
        aside: [0, 1, 0],
      };
    });
