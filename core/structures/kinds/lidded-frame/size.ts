import { stockOf } from '../../../catalogue/catalogue';
import { timberId, TREATMENTS } from '../../../catalogue/timber';
import type { Placement, Joint } from '../../../design/design';
import type { Part } from '../../../design/shapes/shapes';
import { add, cross, minus, scale, unit, type Point } from '../../../geometry/space';
import { onGround, type Ground } from '../../../site/ground';
import { fact } from '../../../wording/say';
import type { Sizing } from '../../kind';
import { acrossBed, rowHandles, startOf } from '../../rules/row';
import { rowMarks, rowViews } from '../../rules/row-views';
import { plantUnder, rowsOf } from '../../rules/stations';
import type { BedSetting } from '../../setting';
import { lidsOf, type LiddedFrameValues } from './knobs';
import { type Box, boardsOf, propsOf, STAY_EVERY_MM } from './box';
import { cupboardOf } from './cupboard';
import { floorOf, lidOf } from './lid';
import { panelKg, STAPLE_EVERY_MM } from './panel';

/** What its own checks and mends ask for. */
export interface LiddedFrameFacts {
  boxMm: number;
  /** How high what is closed goes over the soil, and what may grow under it. mm. */
  insideMm: number;
  /** Finest mesh between the lid and the sky. mm. */
  openingMm: number;
  lids: number;
  /** Of one lid; null where there are none. */
  lidKg: number | null;
}

/** Sizes the frame: boards on posts inside their corners, mesh under it; lids of strips and mesh hinged along the back, or a roof and doors. */
export function sizeLiddedFrame(v: LiddedFrameValues, setting: BedSetting): Sizing<LiddedFrameFacts> {
  const { bed } = setting.place;
  const ground: Ground = { lengthMm: bed.lengthMm, riseMm: bed.riseMm };
  const board = stockOf(setting.catalogue, timberId(v.board, v.treatment), 'timber');
  const stripTreatment =
    [v.treatment, ...TREATMENTS].find((one) => setting.sizesOf(timberId(v.strip, one)).length > 0) ?? v.treatment;
  const strip = stockOf(setting.catalogue, timberId(v.strip, stripTreatment), 'timber');
  const y = acrossBed(v.rowAt, setting);
  const longMm = v.rowLength;
  const startMm = startOf(v, longMm, bed);
  const origin = onGround(ground, 0, y);
  const way = unit(minus(onGround(ground, 1000, y), origin));
  const side: Point = [0, 1, 0];
  const normal = cross(way, side);
  const box: Box = {
    at: (along, across, up) => add(add(add(origin, scale(way, along)), scale(side, across)), scale(normal, up)),
    way,
    side,
    normal,
    longMm,
    wideMm: v.width,
    highMm: v.courses * board.wideMm,
  };
  const sides = boardsOf(box, v, board, strip, setting);
  const floor =
    v.floor === 'none' ? null : floorOf(box, stockOf(setting.catalogue, v.floor, 'mesh roll'), sides.boards);
  const doors = v.opens === 'doors';
  const lids = doors
    ? [cupboardOf(box, v, board, strip, sides, setting)]
    : Array.from({ length: lidsOf(v) }, (_, i) => lidOf(box, v, i, strip, setting, sides));
  const prop = !doors && v.stay === 'prop' ? propsOf(box, v, lids.length, sides, board, strip, setting) : null;
  // What is inside the box is drawn before its sides.
  const over = lids.flatMap((lid) => lid.parts);
  const fixed = (part: Part): boolean => part.role.startsWith('fixed');
  const parts: Part[] = [
    ...over.filter(fixed),
    ...sides.posts,
    ...(prop?.parts ?? []),
    ...sides.boards.flat(),
    ...(floor?.parts ?? []),
    ...over.filter((part) => !fixed(part)),
  ];
  const joints: Joint[] = [
    ...sides.joints,
    ...(floor?.joints ?? []),
    ...lids.flatMap((lid) => lid.joints),
    ...(prop?.joints ?? []),
  ];
  const stations = plantUnder({
    planted: setting.planted,
    ground,
    fromMm: board.thickMm,
    lengthMm: longMm - 2 * board.thickMm,
    acrossMm: y,
    wideMm: Math.max(1, v.width - 2 * board.thickMm),
    tallBehind: true,
    bed,
    armMm: setting.armMm,
  });
  const roll = stockOf(setting.catalogue, v.mesh, 'mesh roll');
  const net = v.net === 'none' ? null : stockOf(setting.catalogue, v.net, 'mesh roll');
  const half = v.width / 2;
  const design: Placement = {
    kind: 'lidded-frame',
    parts,
    joints,
    stations,
    ground,
    builtMm: longMm,
    startMm,
    posts: [],
    hold: null,
    // From above the mesh of the lids is seen.
    views: rowViews({ ground, bed, startMm }).map((view) => (view.as === 'above' ? { ...view, square: true } : view)),
    bodies: 1,
    reasons: {
      board: fact('count.boards', { courses: v.courses }),
      post: fact('count.posts', { every: { mm: STAY_EVERY_MM } }),
      'lid strip': fact('count.strips', { lids: lids.length }),
      'roof strip': fact('count.roof'),
      'door strip': fact('count.doors', { doors: lidsOf(v) }),
      'fixed mesh': fact('count.fixed'),
      'fixed net': fact('count.fixed'),
      chain: fact('count.chains'),
      floor: fact('count.floor'),
      mesh: fact('count.mesh'),
      net: fact('count.net'),
      prop: fact('count.props'),
      'board to post': fact('count.board-screws'),
      'floor stapled': fact('count.staples', { every: { mm: STAPLE_EVERY_MM } }),
      'lid corner': fact('count.lid-screws'),
      'net to lid': fact('count.staples', { every: { mm: STAPLE_EVERY_MM } }),
      'mesh to lid': fact('count.staples', { every: { mm: STAPLE_EVERY_MM } }),
      'lid hinged': fact('count.hinges'),
      'prop to post': fact('count.pivot'),
      'chain fixed': fact('count.eyes'),
      'roof to post': fact('count.roof-screws'),
      'mesh to post': fact('count.staples', { every: { mm: STAPLE_EVERY_MM } }),
      'net to post': fact('count.staples', { every: { mm: STAPLE_EVERY_MM } }),
      'door hinged': fact('count.hinges'),
      'door hooked': fact('count.hooks'),
    },
    marks: [
      ...rowMarks({ stations, ground, builtMm: longMm, bed, rowsAtMm: rowsOf(stations, y), endTopMm: 0 }),
      {
        view: 'elevation',
        axis: 'z',
        label: 'heights',
        atMm: [
          0,
          box.highMm,
          ...(doors ? [box.highMm + v.above] : []),
          (doors ? box.highMm + v.above : box.highMm) + strip.thickMm,
        ],
      },
      { view: 'end', axis: 'x', label: 'over all', atMm: [y - half, y + half], tapedMm: [0, v.width] },
      { view: 'end', axis: 'z', label: 'box', atMm: [0, box.highMm] },
    ],
    handles: [
      ...rowHandles({ ground, rowMm: v.rowLength, builtMm: longMm, yMm: y, topMm: box.highMm }),
      ...(doors
        ? [{ knob: 'above', view: 'elevation', at: [longMm / 2, box.highMm + v.above], axis: 'up', perMm: 1 } as const]
        : []),
      { knob: 'width', view: 'end', at: [y + half, box.highMm / 2], axis: 'right', perMm: 2 },
    ],
  };
  return {
    design,
    facts: {
      boxMm: box.highMm,
      insideMm: doors ? box.highMm + v.above : box.highMm,
      openingMm: Math.min(roll.openingMm, net?.openingMm ?? Infinity),
      lids: lidsOf(v),
      lidKg: doors ? null : panelKg(lids[0]?.parts ?? [], roll),
    },
  };
}
