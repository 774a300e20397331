import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import type { Bar, Design, EndCut, Joint, Line } from '../../../design/design';
import { ALONG, onGround, slopeOf, type Ground, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import { nextStockUp } from '../../rules/depth';
import type { Values } from '../../knob';
import { acrossBed, rowHandles, spacingHandle } from '../../rules/row';
import type { Setting } from '../../setting';
import { equalBays } from '../../rules/spacing';
import { placeStations } from '../../rules/stations';
import { girthOf } from '../../rules/string-length';
import type { WEAVE_KNOBS } from './knobs';
import { passHeights, passMm } from './passes';

export type WeaveValues = Values<typeof WEAVE_KNOBS>;

/** Twine to make each end of a pass fast (from memory). mm. */
const END_MM = inches(12);
/** A stake's point: cut to a third of its width from both sides, drawn as one slant (from memory). */
const POINT: EndCut = { cut: 'mitre', angleRad: (60 * Math.PI) / 180 };

/** Sizes the weave: posts in a line, a pass of twine at each height. */
export function sizeWeave(v: WeaveValues, setting: Setting): Design {
  const ground: Ground = { lengthMm: setting.bed.lengthMm, riseMm: setting.bed.riseMm };
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
    return {
      shape: 'bar',
      id: `post-${i + 1}`,
      role: steel ? 'post' : 'stake',
      stock: stockId,
      cutMm: longMm,
      buriedMm,
      wide: ALONG,
      wideMm: faceMm,
      thickMm: faceMm,
      holes: [],
      from: [foot[0], foot[1], foot[2] - buriedMm],
      to: [foot[0], foot[1], foot[2] + v.height],
      ends: steel ? [{ cut: 'as bought' }, { cut: 'as bought' }] : [POINT, { cut: 'square' }],
    };
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

  return {
    kind: 'weave',
    parts: [...posts, ...passes],
    joints,
    stations: placeStations({
      planted: setting.planted,
      ground,
      fromMm: 0,
      lengthMm: v.rowLength,
      school: v.school,
      rows: [{ acrossMm: y, side: 'in line' }],
    }),
    ground,
    builtMm: v.rowLength,
    support: {
      holds: 'passes',
      meshMm: null,
      memberMm: stockOf(setting.catalogue, `twine-${v.twine}`, 'cord').diameterMm,
      stepMm: v.way === 'ladder' ? v.passEvery : 0,
      fineToMm: 0,
      carries: bay <= feet(8.1) ? (v.way === 'sandwich' ? 'heavy' : 'medium') : 'medium',
      startsMm: v.firstPass,
      gapMm: v.firstPass,
      topMm: { least: v.height, most: v.height },
      spacingMm: bay,
      posts: posts.map((post) => ({
        id: post.id,
        aboveMm: v.height,
        buriedMm: post.buriedMm,
        wantedMm: v.depth,
        shortMm: Math.max(0, wanted - longMm),
        set: steel ? 'driven' : 'let in',
      })),
      rowsAtMm: [y],
      bothSides: false,
    },
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
      { axis: 'x', label: 'posts', atMm: postsAt.map((at) => at * Math.cos(slopeOf(ground))), tapedMm: postsAt },
      { axis: 'z', label: 'passes', atMm: [...new Set([-buriedMm, 0, ...heights, v.height])].sort((a, b) => a - b) },
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
}
