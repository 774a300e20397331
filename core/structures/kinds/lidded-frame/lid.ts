import { stockOf } from '../../../catalogue/catalogue';
import type { MeshRoll, Timber } from '../../../catalogue/stock';
import type { Fixing, Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { shapeOf, type Part } from '../../../design/shapes/shapes';
import { flatBase, type Sheet } from '../../../design/shapes/sheet';
import { add, minus, scale, unit, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { alongEvery, evenly, screwThrough } from '../../rules/fixings';
import type { BedSetting } from '../../setting';
import type { LiddedFrameValues } from './knobs';
import { type Box, timber } from './box';

/** Staples along a strip, and clear of the screws of its corners (from memory). mm. */
export const STAPLE_EVERY_MM = inches(4);
const STAPLE_CLEAR_MM = inches(2.5);
/** A net’s staples stand so far outside the middle of a strip, as a share of its width (from memory). */
const NET_OUT = 0.25;
/** A shorter lid is no lid (from memory). mm. */
const LEAST_LID_MM = inches(15);
/** A bar across a lid at most every 3′ (from memory). mm. */
const BAR_EVERY_MM = feet(3);
/** A lid over 4′ long hangs on three hinges (from memory). mm. */
const THREE_HINGES_MM = feet(4);
/** A hinge sits so far in from the end of a lid (from memory). mm. */
const HINGE_IN_MM = inches(6);
/** Threads of mesh that are drawn, at most. */
const THREADS = 28;
/** Softwood 450 kg/m³; ½″ mesh 1.4 kg/m² and coarser mesh in proportion (from memory). */
const WOOD_KG_M3 = 450;
const MESH_KG_M2 = 1.4;

/** As many lids as are asked for and find room. */
export const lidsOf = (v: Pick<LiddedFrameValues, 'lids' | 'rowLength'>): number =>
  Math.max(1, Math.min(v.lids, Math.floor(v.rowLength / LEAST_LID_MM)));
export const lidLength = (v: Pick<LiddedFrameValues, 'lids' | 'rowLength' | 'gap'>): number =>
  (v.rowLength - (lidsOf(v) - 1) * v.gap) / lidsOf(v);

/** What one lid weighs: its strips and its mesh. kg. */
export function lidKg(parts: readonly Part[], roll: MeshRoll): number {
  return parts.reduce((sum, part) => {
    if (part.shape === 'bar') return sum + (part.cutMm * part.wideMm * part.thickMm * WOOD_KG_M3) / 1e9;
    if (part.shape !== 'sheet' || part.role !== 'mesh') return sum;
    return sum + ((part.cutMm * part.heightMm) / 1e6) * MESH_KG_M2 * (inches(0.5) / roll.openingMm);
  }, 0);
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
export function floorOf(box: Box, roll: MeshRoll, boards: readonly Bar[][]): { parts: Sheet[]; joints: Joint[] } {
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
        places: fixings.flatMap((fixing) => fixing.drive?.places ?? []),
        parts: [sheet.id, ...fixings.map((fixing) => fixing.drive?.into ?? '')],
        fixings,
      };
    }),
  };
}

/** Staples along what of a timber a sheet lies on; none where it does not. */
function staples(sheet: Sheet, bar: Bar, from: Point, to: Point, way: Point): Fixing[] {
  const clear = scale(unit(minus(to, from)), STAPLE_CLEAR_MM);
  const places = evenly(add(from, clear), minus(to, clear), STAPLE_EVERY_MM).filter(
    (place) => shapeOf(sheet).distanceTo(sheet, place) < 1,
  );
  return places.length === 0
    ? []
    : [{ stock: 'staple-fence', count: places.length, drive: { through: null, into: bar.id, way, places } }];
}

interface Lid {
  parts: Part[];
  joints: Joint[];
}

/** One lid: two long strips, short ones between them, mesh (and a net) over them, hinged to the back board. */
export function lidOf(
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
    // A net goes over the mesh, and its staples stand outside those of the mesh.
    const fixings =
      sheet.role === 'net'
        ? [front, back].flatMap((bar, n) => {
            const out = add(raise, scale(box.side, (n === 0 ? -1 : 1) * NET_OUT * s));
            return staples(sheet, bar, add(bar.from, out), add(bar.to, out), scale(box.normal, -1));
          })
        : [front, back, ...bars].flatMap((bar) =>
            staples(sheet, bar, add(bar.from, raise), add(bar.to, raise), scale(box.normal, -1)),
          );
    return {
      id: `${sheet.id}-on`,
      kind: sheet.role === 'net' ? 'net to lid' : 'mesh to lid',
      places: fixings.flatMap((one) => one.drive?.places ?? []),
      parts: [sheet.id, ...fixings.map((one) => one.drive?.into ?? '')],
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
