import type { Sizing } from '../../kind';
import { rowMarks, rowViews } from '../../rules/row-views';
import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import type { Placement, Joint } from '../../../design/design';
import type { EndCut } from '../../../design/end-cut';
import { barOf, type Bar } from '../../../design/shapes/bar';
import type { Line } from '../../../design/shapes/line';
import { type Point } from '../../../geometry/space';
import { onGround, slopeOf, type Ground } from '../../../site/ground';
import { feet, inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import { nextStockUp } from '../../rules/depth';
import type { Values } from '../../knob';
import { acrossBed, reachOverBed, startOf, rowHandles, spacingHandle } from '../../rules/row';
import type { BedSetting } from '../../setting';
import { equalBays } from '../../rules/spacing';
import { placeStations } from '../../rules/stations';
import { girthOf } from '../../rules/string-length';
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
/** A stake's point: cut to a third of its width from both sides, drawn as one slant (from memory). */
const POINT: EndCut = { cut: 'mitre', angleRad: (60 * Math.PI) / 180 };

/** Sizes the weave: posts in a line, a pass of twine at each height. */
export function sizeWeave(v: WeaveValues, setting: BedSetting): Sizing<WeaveFacts> {
  const { bed } = setting.place;
  const ground: Ground = { lengthMm: setting.place.bed.lengthMm, riseMm: setting.place.bed.riseMm };
  const y = acrossBed(v.rowAt, setting);
  const postsAt = equalBays([0, v.rowLength], v.postSpacing);
  const steel = v.posts === 'steel';
  const timber = steel ? null : stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const faceMm = timber ? timber.wideMm : stockOf(setting.catalogue, 'steel-post', 'steel post').faceMm;
  const stockId = timber ? timber.id : 'steel-post';
  const sizes = setting.sizesOf(stockId);
  const wanted = v.height + v.depth;
  const sold = nextStockUp(wanted, sizes);
  // Steel goes in whole, deeper where it is longer; a stake is cut to length.
  const longMm = steel ? (sold?.mm ?? wanted) : sold && !sold.enough ? sold.mm : wanted;
  const buriedMm = Math.max(0, longMm - v.height);
  const posts = postsAt.map((at, i): Bar => {
    const foot = onGround(ground, at, y);
    return barOf({
      id: `post-${i + 1}`,
      role: steel ? 'post' : 'stake',
      of: { id: stockId, faceMm },
      cutMm: longMm,
      buriedMm,
      from: [foot[0], foot[1], foot[2] - buriedMm],
      to: [foot[0], foot[1], foot[2] + v.height],
      ends: steel ? [{ cut: 'as bought' }, { cut: 'as bought' }] : [POINT, { cut: 'square' }],
    });
  });
  const heights = passHeights(v.firstPass, v.passEvery, v.height);
  const runs = v.way === 'sandwich' ? 2 : 1;
  const out = faceMm / 2 + 2;
  const cutMm = passMm({
    rowMm: v.rowLength,
    runs,
    posts: posts.length,
    halfTurns: v.wraps,
    girthMm: girthOf({ round: false, faceMm }),
    endMm: END_MM,
  });
  const passes = heights.map((up, i): Line => {
    const run = (side: number): Point[] =>
      postsAt.map((at) => {
        const foot = onGround(ground, at, y + side * out);
        return [foot[0], foot[1], foot[2] + up];
      });
    return {
      shape: 'line',
      id: `pass-${i + 1}`,
      role: 'pass',
      stock: `twine-${v.twine}`,
      diameterMm: 3,
      cutMm,
      path: runs === 2 ? [...run(-1), ...run(1).reverse(), run(-1)[0] as Point] : run(-1),
    };
  });
  const joints = passes.flatMap((pass): Joint[] => [
    {
      id: `${pass.id}-posts`,
      kind: 'pass on posts',
      places: pass.path.slice(0, posts.length),
      parts: [pass.id, ...posts.map((post) => post.id)],
      fixings: [],
    },
  ]);
  const bay = v.rowLength / (posts.length - 1);

  const startMm = startOf(v, v.rowLength, bed);
  const stations = placeStations({
    planted: setting.planted,
    ground,
    fromMm: 0,
    lengthMm: v.rowLength,
    school: v.school,
    rows: [{ acrossMm: y, side: 'in line' }],
  });
  const design: Placement = {
    kind: 'weave',
    parts: [...posts, ...passes],
    joints,
    stations,
    ground,
    builtMm: v.rowLength,
    startMm,
    posts: posts.map((post) => ({
      id: post.id,
      aboveMm: v.height,
      buriedMm: post.buriedMm,
      wantedMm: v.depth,
      shortMm: Math.max(0, wanted - longMm),
      set: steel ? 'driven' : 'let in',
    })),
    hold: {
      by: 'passes',
      meshMm: null,
      memberMm: stockOf(setting.catalogue, `twine-${v.twine}`, 'cord').diameterMm,
      stepMm: v.passEvery,
      fineToMm: 0,
      carries: bay <= feet(8.1) ? (v.way === 'sandwich' ? 'heavy' : 'medium') : 'medium',
      startsMm: v.firstPass,
      gapMm: v.firstPass,
      topMm: { least: v.height, most: v.height },
      could: {
        topMm: Math.min(reachOverBed(setting), mostHeight(setting, v.posts === 'steel', v.depth)),
        carries: 'heavy',
        net: true,
      },
    },
    views: rowViews({ ground, bed, startMm }),
    bodies: 1,
    reasons: {
      post: fact('count.posts', { posts: posts.length, spacing: { mm: v.postSpacing } }),
      stake: fact('count.posts', { posts: posts.length, spacing: { mm: v.postSpacing } }),
      pass: fact(v.way === 'sandwich' ? 'count.passes' : 'count.strings', {
        total: { mm: cutMm * heights.length },
        passes: heights.length,
        turns: v.wraps / 2,
        end: { mm: END_MM },
      }),
    },
    marks: [
      ...rowMarks({ stations, ground, builtMm: v.rowLength, bed, rowsAtMm: [y], endTopMm: v.height }),
      {
        view: 'elevation',
        axis: 'x',
        label: 'posts',
        atMm: postsAt.map((at) => at * Math.cos(slopeOf(ground))),
        tapedMm: postsAt,
      },
      {
        view: 'elevation',
        axis: 'z',
        label: 'passes',
        atMm: [...new Set([-buriedMm, 0, ...heights, v.height])].sort((a, b) => a - b),
      },
    ],
    handles: [
      ...rowHandles({ ground, rowMm: v.rowLength, builtMm: v.rowLength, yMm: y, topMm: v.height }),
      {
        knob: 'height',
        view: 'elevation',
        at: [onGround(ground, v.rowLength * 0.75)[0], onGround(ground, v.rowLength * 0.75)[2] + v.height],
        axis: 'up',
        perMm: 1,
      },
      { knob: 'firstPass', view: 'end', at: [y, v.firstPass], axis: 'up', perMm: 1 },
      spacingHandle((posts[1] as Bar).to[0], (posts[1] as Bar).to[2]),
      ...(heights.length > 1
        ? [{ knob: 'passEvery', view: 'end', at: [y, heights[1] as number], axis: 'up', perMm: 1 } as const]
        : []),
      { knob: 'depth', view: 'end', at: [y, -v.depth], axis: 'up', perMm: -1 },
    ],
  };
  return { design, facts: { rowsAtMm: [y], spacingMm: bay } satisfies WeaveFacts };
}
