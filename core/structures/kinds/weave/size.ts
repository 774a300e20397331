import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import { ascending, chain, soilChain } from '../../../design/chain';
import { placed, type Hold } from '../../../design/design';
import { lineOf } from '../../../design/shapes/line';
import { add, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { onGround } from '../../../site/ground';
import { fact } from '../../../wording/say';
import { bedRow, groundOf, spacingPull } from '../../assemblies/bed-row';
import { drivePost, driveStake, POINT, type SetPost } from '../../assemblies/set-post';
import type { Sizing } from '../../kind';
import type { Values } from '../../knob';
import { baysOfRow, rowAsStood, stoodReason } from '../../rules/as-stood';
import type { Lie } from '../../rules/lie';
import { acrossBed, reachOverBed } from '../../rules/row';
import { equalBays, widestBay } from '../../rules/spacing';
import { girthOf } from '../../rules/string-length';
import type { BedSetting } from '../../setting';
import { mostHeight, type WEAVE_KNOBS } from './knobs';
import { passHeights, passMm } from './passes';

export type WeaveValues = Values<typeof WEAVE_KNOBS>;

/** What its own checks and mends ask for. */
export interface WeaveFacts {
  rowsAtMm: readonly number[];
  spacingMm: number;
}

/** Twine to make each end of a pass fast (from memory). mm. */
const END_MM = inches(12);

/** Sizes the weave: posts in a line, a pass of twine at each height. */
export function sizeWeave(v: WeaveValues, setting: BedSetting): Sizing<WeaveFacts> {
  const ground = groundOf(setting.place.bed);
  const y = acrossBed(v.rowAt, setting);
  const lie: Lie = { ground, level: false };
  const steel = v.posts === 'steel';
  const postId = (i: number): string => `post-${i + 1}`;
  const stand = (at: number, i: number): SetPost => {
    const common = { id: postId(i), foot: onGround(ground, at, y), aboveMm: v.height, depthMm: v.depth, setting };
    return steel
      ? drivePost(common)
      : driveStake({
          ...common,
          of: stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber'),
          set: 'let in',
          point: POINT,
        });
  };
  const { wideMm: faceMm } = stand(0, 0);
  const stood = rowAsStood(equalBays([0, v.rowLength], v.postSpacing), faceMm, postId, setting);
  const { postsAt } = stood;
  const builtMm = postsAt.at(-1) as number;
  const posts = postsAt.map(stand);
  const [first, second] = posts as [SetPost, SetPost];
  const heights = passHeights(v.firstPass, v.passEvery, v.height);
  const runs = v.way === 'sandwich' ? 2 : 1;
  const cutMm = passMm({
    rowMm: builtMm,
    runs,
    posts: posts.length,
    halfTurns: v.wraps,
    girthMm: girthOf({ round: false, faceMm: first.wideMm }),
    endMm: END_MM,
  });
  const twine = `twine-${v.twine}`;
  const passes = heights.map((up, i) => {
    const run = (side: number): Point[] =>
      postsAt.map((at) => add(onGround(ground, at, y + side * (first.wideMm / 2 + 2)), [0, 0, up]));
    return lineOf({
      id: `pass-${i + 1}`,
      role: 'pass',
      of: { id: twine, diameterMm: 3 },
      cutMm,
      path: runs === 2 ? [...run(-1), ...run(1).reverse(), run(-1)[0] as Point] : run(-1),
    });
  });
  const bay = widestBay(postsAt);
  const row = bedRow(setting, v, {
    builtMm,
    yMm: y,
    topMm: v.height,
    rows: [{ acrossMm: y, side: 'in line' }],
  });
  const counted = stoodReason(stood) ?? fact('count.posts', { posts: posts.length, spacing: { mm: v.postSpacing } });
  return {
    design: placed({
      parts: [...posts, ...passes],
      joints: passes.map((pass) => ({
        id: `${pass.id}-posts`,
        kind: 'pass on posts',
        by: 'lashed',
        places: pass.path.slice(0, posts.length),
        parts: [pass.id, ...posts.map((post) => post.id)],
        fixings: [],
      })),
      ...row,
      bays: baysOfRow(stood, faceMm, postId, lie),
      hold: holdOf(v, setting, bay),
      reasons: {
        post: counted,
        stake: counted,
        pass: fact(v.way === 'sandwich' ? 'count.passes' : 'count.strings', {
          total: { mm: cutMm * heights.length },
          passes: heights.length,
          turns: v.wraps / 2,
          end: { mm: END_MM },
        }),
      },
      marks: [
        ...row.marks,
        soilChain(ground, 'posts', postsAt),
        chain('elevation', 'z', 'passes', ascending([-first.buriedMm, 0, ...heights, v.height])),
      ],
      handles: [
        ...row.handles,
        {
          knob: 'height',
          view: 'elevation',
          at: add(onGround(ground, builtMm * 0.75), [0, 0, v.height]),
          axis: 'up',
        },
        { knob: 'firstPass', view: 'end', at: [0, y, v.firstPass], axis: 'up' },
        spacingPull(second.to),
        heights.length > 1 && { knob: 'passEvery', view: 'end', at: [0, y, heights[1] as number], axis: 'up' },
        { knob: 'depth', view: 'end', at: [0, y, -v.depth], axis: 'up', perMm: -1 },
      ],
    }),
    facts: { rowsAtMm: [y], spacingMm: bay },
  };
}

/** What stems are held by: two strings of a pass, or one, as far apart as they are. */
const holdOf = (v: WeaveValues, setting: BedSetting, bayMm: number): Hold => ({
  by: 'passes',
  meshMm: null,
  memberMm: stockOf(setting.catalogue, `twine-${v.twine}`, 'cord').diameterMm,
  stepMm: v.passEvery,
  fineToMm: 0,
  carries: bayMm <= feet(8.1) && v.way === 'sandwich' ? 'heavy' : 'medium',
  startsMm: v.firstPass,
  gapMm: v.firstPass,
  topMm: { least: v.height, most: v.height },
  could: {
    topMm: Math.min(reachOverBed(setting), mostHeight(setting, v.posts === 'steel', v.depth)),
    carries: 'heavy',
    net: true,
  },
});
