import { stockOf } from '../../../catalogue/catalogue';
import { timberId, TREATMENTS } from '../../../catalogue/timber';
import type { MeshRoll, Timber } from '../../../catalogue/stock';
import type { Design, Fixing, Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import type { Part } from '../../../design/shapes/shapes';
import { flatBase, type Sheet } from '../../../design/shapes/sheet';
import { add, cross, minus, scale, unit, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { onGround, type Ground } from '../../../site/ground';
import { fact } from '../../../wording/say';
import type { Built } from '../../kind';
import type { Values } from '../../knob';
import { alongEvery, evenly, screwThrough } from '../../rules/fixings';
import { acrossBed, rowHandles, startOf } from '../../rules/row';
import { rowMarks, rowViews } from '../../rules/row-views';
import { plantUnder, rowsOf } from '../../rules/stations';
import type { BedSetting } from '../../setting';
import type { LIDDED_FRAME_KNOBS } from './knobs';

export type LiddedFrameValues = Values<typeof LIDDED_FRAME_KNOBS>;

/** Long sides bulge: something inside them at most 4′ apart (common practice, no source). mm. */
const STAY_EVERY_MM = feet(4);
/** Staples along a strip, and clear of the screws of its corners (from memory). mm. */
const STAPLE_EVERY_MM = inches(4);
const STAPLE_CLEAR_MM = inches(2.5);
/** A shorter lid is no lid (from memory). mm. */
const LEAST_LID_MM = inches(15);
/** A bar across a lid at most every 3′ (from memory). mm. */
const BAR_EVERY_MM = feet(3);
/** A lid over 4′ long hangs on three hinges (from memory). mm. */
const THREE_HINGES_MM = feet(4);
/** A hinge sits so far in from the end of a lid (from memory). mm. */
const HINGE_IN_MM = inches(6);
/** A prop is so long as a share of the lid, and turns so far under the rim (from memory). */
const PROP_SHARE = 0.55;
const PROP_DOWN_MM = inches(2);
/** Threads of mesh that are drawn, at most. */
const THREADS = 28;
/** Softwood 450 kg/m³; ½″ mesh 1.4 kg/m² and coarser mesh in proportion (from memory). */
const WOOD_KG_M3 = 450;
const MESH_KG_M2 = 1.4;

/** What its own checks and mends ask for. */
export interface LiddedFrameFacts {
  boxMm: number;
  /** Finest mesh between the lid and the sky. mm. */
  openingMm: number;
  lids: number;
  lidKg: number;
  rowsAtMm: readonly number[];
}

/** The box in its own directions: along the bed, across it, and square to its soil. */
interface Box {
  at: (along: number, across: number, up: number) => Point;
  way: Point;
  side: Point;
  normal: Point;
  longMm: number;
  wideMm: number;
  highMm: number;
}

const square = { cut: 'square' } as const;

/** Sizes the frame: boards on posts inside their corners, mesh under it, lids of strips and mesh hinged along the back. */
export function sizeLiddedFrame(v: LiddedFrameValues, setting: BedSetting): Built<LiddedFrameFacts> {
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
  const lids = Array.from({ length: lidsOf(v) }, (_, i) => lidOf(box, v, i, strip, setting, sides.boards));
  const prop = v.stay === 'prop' ? propsOf(box, v, lids.length, sides, board, strip, setting) : null;
  // What is inside the box is drawn before its sides.
  const parts: Part[] = [
    ...sides.posts,
    ...(prop?.parts ?? []),
    ...sides.boards.flat(),
    ...(floor?.parts ?? []),
    ...lids.flatMap((lid) => lid.parts),
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
  });
  const roll = stockOf(setting.catalogue, v.mesh, 'mesh roll');
  const net = v.net === 'none' ? null : stockOf(setting.catalogue, v.net, 'mesh roll');
  const half = v.width / 2;
  const design: Design = {
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
      floor: fact('count.floor'),
      mesh: fact('count.mesh'),
      net: fact('count.net'),
      prop: fact('count.props'),
      'board to post': fact('count.board-screws'),
      'floor stapled': fact('count.staples', { every: { mm: STAPLE_EVERY_MM } }),
      'lid corner': fact('count.lid-screws'),
      'mesh to lid': fact('count.staples', { every: { mm: STAPLE_EVERY_MM } }),
      'lid hinged': fact('count.hinges'),
      'prop to post': fact('count.pivot'),
    },
    marks: [
      ...rowMarks({ stations, ground, builtMm: longMm, bed, rowsAtMm: rowsOf(stations, y), endTopMm: 0 }),
      {
        view: 'elevation',
        axis: 'z',
        label: 'heights',
        atMm: [0, box.highMm, box.highMm + strip.thickMm],
      },
      { view: 'end', axis: 'x', label: 'over all', atMm: [y - half, y + half], tapedMm: [0, v.width] },
      { view: 'end', axis: 'z', label: 'box', atMm: [0, box.highMm] },
    ],
    handles: [
      ...rowHandles({ ground, rowMm: v.rowLength, builtMm: longMm, yMm: y, topMm: box.highMm }),
      { knob: 'width', view: 'end', at: [y + half, box.highMm / 2], axis: 'right', perMm: 2 },
    ],
  };
  return {
    design,
    facts: {
      boxMm: box.highMm,
      openingMm: Math.min(roll.openingMm, net?.openingMm ?? Infinity),
      lids: lids.length,
      lidKg: lidKg(lids[0]?.parts ?? [], roll),
      rowsAtMm: [y],
    },
  };
}

/** As many lids as are asked for and find room. */
export const lidsOf = (v: Pick<LiddedFrameValues, 'lids' | 'rowLength'>): number =>
  Math.max(1, Math.min(v.lids, Math.floor(v.rowLength / LEAST_LID_MM)));
export const lidLength = (v: Pick<LiddedFrameValues, 'lids' | 'rowLength' | 'gap'>): number =>
  (v.rowLength - (lidsOf(v) - 1) * v.gap) / lidsOf(v);

/** What one lid weighs: its strips and its mesh. kg. */
function lidKg(parts: readonly Part[], roll: MeshRoll): number {
  return parts.reduce((sum, part) => {
    if (part.shape === 'bar') return sum + (part.cutMm * part.wideMm * part.thickMm * WOOD_KG_M3) / 1e9;
    if (part.shape !== 'sheet' || part.role !== 'mesh') return sum;
    return sum + ((part.cutMm * part.heightMm) / 1e6) * MESH_KG_M2 * (inches(0.5) / roll.openingMm);
  }, 0);
}

/** A straight timber about its middle line. */
const timber = (
  o: Pick<Bar, 'id' | 'role' | 'from' | 'to' | 'wide'> & { stock: Timber; turned?: boolean; cutMm: number },
): Bar => ({
  shape: 'bar',
  id: o.id,
  role: o.role,
  stock: o.stock.id,
  from: o.from,
  to: o.to,
  wide: o.wide,
  wideMm: o.stock.wideMm,
  thickMm: o.stock.thickMm,
  cutMm: o.cutMm,
  buriedMm: 0,
  ends: [square, square],
  holes: [],
});

interface Sides {
  joints: Joint[];
  /** By course from below, in the order front, back, left, right. */
  boards: Bar[][];
  posts: Bar[];
}

/** Courses of boards about posts: the long ones run through, the short ones stand between them. */
function boardsOf(box: Box, v: LiddedFrameValues, board: Timber, strip: Timber, setting: BedSetting): Sides {
  const { at, longMm, wideMm, highMm } = box;
  const [t, p] = [board.thickMm, strip.thickMm];
  const inner = longMm - 2 * t - p;
  const between = alongEvery(Math.max(1, inner), STAY_EVERY_MM);
  const alongs = Array.from({ length: between }, (_, i) => t + p / 2 + (inner * i) / (between - 1));
  const posts = [-1, 1].flatMap((s) =>
    alongs.map((along, i) =>
      timber({
        id: `post-${s < 0 ? 'front' : 'back'}-${i + 1}`,
        role: 'post',
        stock: strip,
        from: at(along, s * (wideMm / 2 - t - p / 2), 0),
        to: at(along, s * (wideMm / 2 - t - p / 2), highMm),
        wide: box.way,
        cutMm: highMm,
      }),
    ),
  );
  const boards = Array.from({ length: v.courses }, (_, n) => {
    const up = (n + 0.5) * board.wideMm;
    const long = [-1, 1].map((s) =>
      timber({
        id: `board-${s < 0 ? 'front' : 'back'}-${n + 1}`,
        role: 'board',
        stock: board,
        from: at(0, s * (wideMm / 2 - t / 2), up),
        to: at(longMm, s * (wideMm / 2 - t / 2), up),
        wide: box.normal,
        cutMm: longMm,
      }),
    );
    const short = [t / 2, longMm - t / 2].map((along, i) =>
      timber({
        id: `board-${i === 0 ? 'left' : 'right'}-${n + 1}`,
        role: 'board',
        stock: board,
        from: at(along, -(wideMm / 2 - t), up),
        to: at(along, wideMm / 2 - t, up),
        wide: box.normal,
        cutMm: wideMm - 2 * t,
      }),
    );
    return [...long, ...short];
  });
  const screw = screwThrough(setting, t, p);
  const joint = (one: Bar, post: Bar, place: Point, inwards: Point): Joint => ({
    id: `${one.id}-${post.id}`,
    kind: 'board to post',
    places: [place],
    parts: [one.id, post.id],
    fixings: [{ stock: screw, count: 2, drive: { through: one.id, into: post.id, way: inwards } }],
  });
  const joints = boards.flatMap(([front, back, left, right], n) => {
    const up = (n + 0.5) * board.wideMm;
    const last = alongs.length - 1;
    return [-1, 1].flatMap((s) => {
      const own = posts.slice(s < 0 ? 0 : alongs.length, s < 0 ? alongs.length : undefined);
      const face = s * (wideMm / 2 - t);
      return [
        ...own.map((post, i) =>
          joint((s < 0 ? front : back) as Bar, post, at(alongs[i] ?? 0, face, up), scale(box.side, -s)),
        ),
        joint(left as Bar, own[0] as Bar, at(t, face - (s * p) / 2, up), box.way),
        joint(right as Bar, own[last] as Bar, at(longMm - t, face - (s * p) / 2, up), scale(box.way, -1)),
      ];
    });
  });
  return { joints, boards, posts };
}

/** Flat mesh from corner to corner of what it lies on: in one run where the roll is wide enough, else in strips across. */
function meshOver(
  box: Box,
  o: { id: string; role: string; roll: MeshRoll; fromMm: number; longMm: number; up: number },
): Sheet[] {
  const { at, way, side, wideMm } = box;
  const few = (longMm: number): number => Math.max(1, Math.min(THREADS, Math.round(longMm / o.roll.openingMm)));
  const lines = (longMm: number): number[] =>
    Array.from({ length: few(longMm) + 1 }, (_, i) => (longMm * i) / few(longMm));
  const corner = (along: number): Point => at(along, -wideMm / 2, o.up);
  const common = {
    shape: 'sheet' as const,
    role: o.role,
    stock: o.roll.id,
    wireMm: o.roll.wireMm,
    meshes: 0,
  };
  if (wideMm <= o.roll.heightMm + 1)
    return [
      {
        ...common,
        id: o.id,
        base: flatBase(corner(o.fromMm), way, o.longMm),
        up: side,
        cutMm: o.longMm,
        heightMm: wideMm,
        uprightsMm: lines(o.longMm),
        levelsMm: lines(wideMm),
      },
    ];
  const strips = Math.ceil(o.longMm / o.roll.heightMm - 1e-6);
  const each = o.longMm / strips;
  return Array.from({ length: strips }, (_, i) => ({
    ...common,
    id: `${o.id}-${i + 1}`,
    base: flatBase(corner(o.fromMm + i * each), side, wideMm),
    up: way,
    cutMm: wideMm,
    heightMm: each,
    uprightsMm: lines(wideMm),
    levelsMm: lines(each),
  }));
}

/** Mesh under the box, stapled to the lower edges of its boards. */
function floorOf(box: Box, roll: MeshRoll, boards: readonly Bar[][]): { parts: Sheet[]; joints: Joint[] } {
  const sheets = meshOver(box, { id: 'floor', role: 'floor', roll, fromMm: 0, longMm: box.longMm, up: 0 });
  const lowest = boards[0] ?? [];
  const low = lowest.map((one) => {
    const down = scale(box.normal, -one.wideMm / 2);
    return { one, from: add(one.from, down), to: add(one.to, down) };
  });
  return {
    parts: sheets,
    joints: sheets.map((sheet) => {
      const fixings = low.flatMap(({ one, from, to }) => staples(sheet, one, from, to, box.normal));
      return {
        id: `${sheet.id}-staples`,
        kind: 'floor stapled',
        places: [...fixings.flatMap((fixing) => fixing.drive?.places ?? [])],
        parts: [sheet.id, ...fixings.map((fixing) => fixing.drive?.into ?? '')],
        fixings,
      };
    }),
  };
}

/** Staples along what of a timber a sheet lies on; none where it does not. */
function staples(sheet: Sheet, bar: Bar, from: Point, to: Point, way: Point): Fixing[] {
  const clear = scale(unit(minus(to, from)), STAPLE_CLEAR_MM);
  const places = evenly(add(from, clear), minus(to, clear), STAPLE_EVERY_MM).filter((place) => liesOn(sheet, place));
  return places.length === 0
    ? []
    : [{ stock: 'staple-fence', count: places.length, drive: { through: null, into: bar.id, way, places } }];
}

function liesOn(sheet: Sheet, place: Point): boolean {
  if (sheet.base.curve !== 'line') return false;
  const from = minus(place, sheet.base.from);
  const along = unit(minus(sheet.base.to, sheet.base.from));
  const far = from[0] * along[0] + from[1] * along[1] + from[2] * along[2];
  const high = from[0] * sheet.up[0] + from[1] * sheet.up[1] + from[2] * sheet.up[2];
  return far >= -1 && far <= sheet.cutMm + 1 && high >= -1 && high <= sheet.heightMm + 1;
}

interface Lid {
  parts: Part[];
  joints: Joint[];
}

/** One lid: two long strips, short ones between them, mesh (and a net) over them, hinged to the back board. */
function lidOf(
  box: Box,
  v: LiddedFrameValues,
  i: number,
  strip: Timber,
  setting: BedSetting,
  boards: readonly Bar[][],
): Lid {
  const { at, wideMm, highMm } = box;
  const long = lidLength(v);
  const fromMm = i * (long + v.gap);
  const s = strip.wideMm;
  const up = highMm + strip.thickMm / 2;
  const name = `lid-${i + 1}`;
  const [front, back] = [-1, 1].map((sign) =>
    timber({
      id: `${name}-${sign < 0 ? 'front' : 'back'}`,
      role: 'lid strip',
      stock: strip,
      from: at(fromMm, sign * (wideMm / 2 - s / 2), up),
      to: at(fromMm + long, sign * (wideMm / 2 - s / 2), up),
      wide: box.side,
      cutMm: long,
    }),
  ) as [Bar, Bar];
  const inner = long - s;
  const count = alongEvery(Math.max(1, inner), BAR_EVERY_MM);
  const alongs = Array.from({ length: count }, (_, n) => fromMm + s / 2 + (inner * n) / (count - 1));
  const bars = alongs.map((along, n) =>
    timber({
      id: `${name}-across-${n + 1}`,
      role: 'lid strip',
      stock: strip,
      from: at(along, -(wideMm / 2 - s), up),
      to: at(along, wideMm / 2 - s, up),
      wide: box.way,
      cutMm: wideMm - 2 * s,
    }),
  );
  const screw = screwThrough(setting, s, feet(1));
  const corners = bars.flatMap((bar, n) =>
    [front, back].map((rail, e): Joint => {
      const sign = e === 0 ? -1 : 1;
      return {
        id: `${bar.id}-${e === 0 ? 'front' : 'back'}`,
        kind: 'lid corner',
        places: [at(alongs[n] ?? 0, sign * (wideMm / 2 - s), up)],
        parts: [rail.id, bar.id],
        fixings: [{ stock: screw, count: 1, drive: { through: rail.id, into: bar.id, way: scale(box.side, -sign) } }],
      };
    }),
  );
  const top = highMm + strip.thickMm;
  const covers = [
    { role: 'mesh', roll: stockOf(setting.catalogue, v.mesh, 'mesh roll') },
    ...(v.net === 'none' ? [] : [{ role: 'net', roll: stockOf(setting.catalogue, v.net, 'mesh roll') }]),
  ].flatMap(({ role, roll }) => meshOver(box, { id: `${name}-${role}`, role, roll, fromMm, longMm: long, up: top }));
  const raise = scale(box.normal, strip.thickMm / 2);
  const stapled = covers.map((sheet): Joint => {
    // The net is held by the staples of the mesh under it, and its own edge by a few.
    const fixings = [front, back, ...bars].flatMap((bar) =>
      sheet.role === 'net' ? [] : staples(sheet, bar, add(bar.from, raise), add(bar.to, raise), scale(box.normal, -1)),
    );
    const on = sheet.role === 'net' ? [front.id, back.id] : fixings.map((one) => one.drive?.into ?? '');
    return {
      id: `${sheet.id}-on`,
      kind: 'mesh to lid',
      places: [
        ...fixings.flatMap((one) => one.drive?.places ?? []),
        ...(sheet.role === 'net' ? [-1, 1].map((sign) => at(fromMm + long / 2, sign * (wideMm / 2 - s / 2), top)) : []),
      ],
      parts: [sheet.id, ...on],
      fixings,
    };
  });
  const [, rim] = boards.at(-1) as [Bar, Bar];
  const hinges = long > THREE_HINGES_MM ? 3 : 2;
  const span = Math.max(0, long - 2 * HINGE_IN_MM);
  const hingesAt = Array.from({ length: hinges }, (_, n) =>
    at(
      fromMm + (span > 0 ? HINGE_IN_MM + (span * n) / (hinges - 1) : (long * (n + 1)) / (hinges + 1)),
      wideMm / 2,
      highMm,
    ),
  );
  const hinged: Joint = {
    id: `${name}-hinged`,
    kind: 'lid hinged',
    places: hingesAt.map((place) => add(place, scale(box.side, -2))),
    parts: [back.id, rim.id],
    fixings: [
      {
        stock: 'butt-hinge',
        count: hinges,
        plates: hingesAt.map((place) => [
          add(place, scale(box.normal, -strip.thickMm * 0.7)),
          add(place, scale(box.normal, strip.thickMm * 0.7)),
        ]),
      },
    ],
  };
  return { parts: [front, back, ...bars, ...covers], joints: [...corners, ...stapled, hinged] };
}

/** Props for the lids: each lies across the box inside, and turns up on one screw in a front post. */
function propsOf(
  box: Box,
  v: LiddedFrameValues,
  lids: number,
  sides: Sides,
  board: Timber,
  strip: Timber,
  setting: BedSetting,
): { parts: Part[]; joints: Joint[] } {
  const { at, wideMm, highMm } = box;
  const [t, p] = [board.thickMm, strip.thickMm];
  const lath = strip;
  const fronts = sides.posts.filter((one) => one.id.startsWith('post-front'));
  // Every front post but the last has room beside it.
  const made = fronts.slice(0, Math.min(lids, fronts.length - 1)).map((post, i) => {
    const face = alongOf(box, post) + p / 2 + lath.thickMm / 2;
    const across = -(wideMm / 2 - t - p / 2);
    const long = Math.max(inches(6), Math.min(wideMm - 2 * t - p, PROP_SHARE * v.width));
    const up = highMm - PROP_DOWN_MM - lath.wideMm / 2;
    const prop = timber({
      id: `prop-${i + 1}`,
      role: 'prop',
      stock: lath,
      from: at(face, across - p / 2, up),
      to: at(face, across - p / 2 + long, up),
      wide: box.normal,
      cutMm: long,
    });
    const pivot: Joint = {
      id: `prop-${i + 1}-pivot`,
      kind: 'prop to post',
      places: [at(face - lath.thickMm / 2, across, up)],
      parts: [prop.id, post.id],
      fixings: [
        {
          stock: screwThrough(setting, lath.thickMm, p),
          count: 1,
          drive: { through: prop.id, into: post.id, way: scale(box.way, -1) },
        },
      ],
    };
    return { prop, pivot };
  });
  return { parts: made.map((one) => one.prop), joints: made.map((one) => one.pivot) };
}

/** How far along the box a post stands. mm. */
const alongOf = (box: Box, post: Bar): number => {
  const from = minus(post.from, box.at(0, 0, 0));
  return from[0] * box.way[0] + from[1] * box.way[1] + from[2] * box.way[2];
};
