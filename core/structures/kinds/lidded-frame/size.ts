import { stockOf } from '../../../catalogue/catalogue';
import { timberId, TREATMENTS } from '../../../catalogue/timber';
import { chain } from '../../../design/chain';
import { placed, type Design } from '../../../design/design';
import type { Part } from '../../../design/shapes/shapes';
import { fillOf, squareRim } from '../../../design/shapes/fill';
import type { Bar } from '../../../design/shapes/bar';
import { shifted } from '../../../geometry/curve';
import { add, reach, scale, UP } from '../../../geometry/space';
import { fact } from '../../../wording/say';
import { together, type Assembled } from '../../assemblies/assembly';
import { bedRow, groundOf } from '../../assemblies/bed-row';
import { boardsOf, boxOnBed, propsOf, STAY_EVERY_MM, type BoardBox, type Sides } from '../../assemblies/box-of-boards';
import { lidsOf } from '../../assemblies/hinged-lid';
import { panelKg, STAPLE_EVERY_MM } from '../../assemblies/covered-panel';
import type { Sizing } from '../../kind';
import { acrossBed } from '../../rules/row';
import { plantUnder, rowsOf } from '../../rules/stations';
import type { BedSetting } from '../../setting';
import { cupboardOf } from './cupboard';
import { layersOf, RIM_MM, type LiddedFrameValues } from './knobs';
import { floorOf, lidOf } from './lid';

/** What its own checks and mends ask for. */
export interface LiddedFrameFacts {
  boxMm: number;
  /** How high what is closed goes over the bed, and how deep it is filled: what grows has the rest. mm. */
  insideMm: number;
  fillMm: number;
  /** Finest mesh between the lid and the sky. mm. */
  openingMm: number;
  lids: number;
  /** Of one lid; null where there are none. */
  lidKg: number | null;
}

/** Why there are so many of each. */
function reasonsOf(v: LiddedFrameValues, lids: number, fillMm: number): Design['reasons'] {
  const stapled = fact('count.staples', { every: { mm: STAPLE_EVERY_MM } });
  return {
    board: fact('count.boards', { courses: v.courses }),
    post: fact('count.posts', { every: { mm: STAY_EVERY_MM } }),
    'lid strip': fact('count.strips', { lids }),
    'roof strip': fact('count.roof'),
    'door strip': fact('count.doors', { doors: lidsOf(v) }),
    'fixed mesh': fact('count.fixed'),
    'fixed net': fact('count.fixed'),
    chain: fact('count.chains'),
    floor: fact('count.floor'),
    fill: fact('count.fill', { deep: { mm: fillMm } }),
    mesh: fact('count.mesh'),
    net: fact('count.net'),
    prop: fact('count.props'),
    'board to post': fact('count.board-screws'),
    'floor stapled': stapled,
    'lid corner': fact('count.lid-screws'),
    'net to lid': stapled,
    'mesh to lid': stapled,
    'lid hinged': fact('count.hinges'),
    'prop to post': fact('count.pivot'),
    'chain fixed': fact('count.eyes'),
    'roof to post': fact('count.roof-screws'),
    'mesh to post': stapled,
    'net to post': stapled,
    'door hinged': fact('count.hinges'),
    'door hooked': fact('count.hooks'),
  };
}

/** Sizes the frame: boards on posts inside their corners, mesh under it; lids of strips and mesh hinged along the back, or a roof and doors. */
export function sizeLiddedFrame(v: LiddedFrameValues, setting: BedSetting): Sizing<LiddedFrameFacts> {
  const { bed } = setting.place;
  const ground = groundOf(bed);
  const board = stockOf(setting.catalogue, timberId(v.board, v.treatment), 'timber');
  const stripTreatment =
    [v.treatment, ...TREATMENTS].find((one) => setting.sizesOf(timberId(v.strip, one)).length > 0) ?? v.treatment;
  const strip = stockOf(setting.catalogue, timberId(v.strip, stripTreatment), 'timber');
  const y = acrossBed(v.rowAt, setting);
  const longMm = v.rowLength;
  const box = boxOnBed(bed, { acrossMm: y, longMm, wideMm: v.width, highMm: v.courses * board.wideMm, turned: 1 });
  const doors = v.opens === 'doors';
  const postMm = box.highMm + (doors ? v.above : 0);
  // Mesh that is too narrow to run along stands in strips between the posts: each wants one to be stapled to.
  const strips = layersOf(v, setting)
    .map(({ roll }) => roll.heightMm)
    .filter((high) => high < box.highMm + v.above);
  const sides = boardsOf(
    box,
    {
      courses: v.courses,
      everyMm: doors ? Math.min(STAY_EVERY_MM, ...strips) : STAY_EVERY_MM,
      doors: doors ? lidsOf(v) : 1,
      postsMm: [postMm, postMm],
      board,
      strip,
    },
    setting,
  );
  const floor = v.floor !== 'none' && floorOf(box, stockOf(setting.catalogue, v.floor, 'mesh roll'), sides.boards);
  const lids = doors
    ? [cupboardOf(box, v, board, strip, sides, setting)]
    : Array.from({ length: lidsOf(v) }, (_, i) => lidOf(box, v, i, strip, setting, sides));
  const over = together(...lids);
  const prop = !doors && v.stay === 'prop' && propsOf(box, { lids: lids.length, sides, board, strip }, setting);
  const fillMm = filledTo(v.fill, box.highMm);
  const fill = fillMm > LEAST_FILL_MM && fillBox(box, v.fillWith, fillMm, board.thickMm, sides);
  const onFill = scale(UP, fillMm);
  const stations = plantUnder({
    planted: setting.planted,
    ground,
    fromMm: board.thickMm,
    lengthMm: longMm - 2 * board.thickMm,
    acrossMm: y,
    wideMm: Math.max(1, v.width - 2 * board.thickMm),
    tall: 'behind',
    bed,
    armMm: setting.armMm,
  }).map((one) => ({ ...one, at: add(one.at, onFill), stem: shifted(one.stem, onFill) }));
  const row = bedRow(setting, v, {
    builtMm: longMm,
    yMm: y,
    topMm: box.highMm,
    endTopMm: 0,
    rowsAtMm: rowsOf(stations, y),
    stations,
  });
  const roll = stockOf(setting.catalogue, v.mesh, 'mesh roll');
  const net = v.net === 'none' ? null : stockOf(setting.catalogue, v.net, 'mesh roll');
  const half = v.width / 2;
  const topMm = doors ? box.highMm + v.above : box.highMm;
  // What is inside the box is drawn before its sides.
  const fixed = (part: Part): boolean => part.role.startsWith('fixed');
  return {
    design: placed({
      ...together(
        { parts: [...over.parts.filter(fixed), ...sides.posts], joints: sides.joints },
        prop && { parts: prop.parts },
        { parts: sides.boards.flat() },
        floor,
        fill,
        { parts: over.parts.filter((part) => !fixed(part)), joints: over.joints },
        prop && { joints: prop.joints },
      ),
      ...row,
      // From above the mesh of the lids is seen.
      views: row.views.map((view) => (view.as === 'above' ? { ...view, square: true } : view)),
      reasons: reasonsOf(v, lids.length, fillMm),
      marks: [
        ...row.marks,
        chain('elevation', 'z', 'heights', [0, box.highMm, ...(doors ? [topMm] : []), topMm + strip.thickMm]),
        chain('end', 'x', 'over all', [y - half, y + half], [0, v.width]),
        chain('end', 'z', fillMm > 0 ? 'fill and box' : 'box', [0, ...(fillMm > 0 ? [fillMm] : []), box.highMm]),
      ],
      handles: [
        ...row.handles,
        doors && { knob: 'above', view: 'elevation', at: [longMm / 2, 0, topMm], axis: 'up' },
        { knob: 'width', view: 'end', at: [0, y + half, box.highMm / 2], axis: 'right', perMm: 2 },
      ],
    }),
    facts: {
      boxMm: box.highMm,
      insideMm: doors ? box.highMm + v.above : box.highMm,
      fillMm,
      openingMm: Math.min(roll.openingMm, net?.openingMm ?? Infinity),
      lids: lidsOf(v),
      lidKg: doors ? null : panelKg(lids[0]?.parts ?? [], roll),
    },
  };
}

/** Less than this is no fill (from memory). mm. */
const LEAST_FILL_MM = 1;

/** How deep a box is filled: as is asked, with something left of its rim. mm. */
export const filledTo = (askedMm: number, boxMm: number): number => Math.min(askedMm, Math.max(0, boxMm - RIM_MM));

/** What is filled in over the mesh, between the boards and about the posts. */
function fillBox(box: BoardBox, stock: string, deepMm: number, boardMm: number, { posts }: Sides): Assembled {
  const [long, wide] = [box.longMm - 2 * boardMm, box.wideMm - 2 * boardMm];
  const stood = posts.reduce((sum, post) => sum + post.wideMm * post.thickMm, 0);
  const fill = fillOf({
    id: 'fill',
    role: 'fill',
    of: stock,
    bottom: box.at(box.longMm / 2, 0, 0),
    rim: squareRim((long / 2) * box.way[0], wide / 2),
    cutMm: deepMm,
    litres: ((long * wide - stood) * deepMm) / 1e6,
  });
  // The post that is nearest to its middle.
  const heart = box.at(box.longMm / 2, 0, deepMm / 2);
  const [post] = posts.toSorted((a, b) => reach(a.from, heart) - reach(b.from, heart)) as [Bar];
  return {
    parts: [fill],
    joints: [
      {
        id: 'fill-in-box',
        kind: 'fill in the box',
        by: 'bearing',
        places: [heart, [post.from[0], post.from[1], heart[2]]],
        parts: [fill.id, post.id],
        fixings: [],
      },
    ],
  };
}
