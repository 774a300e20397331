import type { MeshRoll, Timber } from '../../catalogue/stock';
import type { Fixing, Joint } from '../../design/design';
import { barOf, type Bar } from '../../design/shapes/bar';
import { ofShape, shapeOf, type Part } from '../../design/shapes/shapes';
import { flatBase, sheetOf, threads, type Sheet } from '../../design/shapes/sheet';
import { add, minus, reach, scale, type Point } from '../../geometry/space';
import { feet, inches } from '../../quantity/length';
import { alongEvery, evenly, screwThrough, washered } from '../rules/fixings';
import { woodKg } from '../rules/weights';
import type { Said } from '../said';
import type { BedSetting } from '../setting';
import type { Assembled } from './assembly';
import type { BoardBox } from './box-of-boards';
import { stapledOn, staplesAlong } from './staples';

/** Staples along a strip, and clear of the screws of its corners (from memory). mm. */
export const STAPLE_EVERY_MM = inches(4);
const STAPLE_CLEAR_MM = inches(2.5);
/** A net’s staples stand so far outside the middle of a strip, as a share of its width (from memory). */
const NET_OUT = 0.25;
/** Glazing is held by a screw and a washer every so far, clear of the corners (from memory). mm. */
export const WASHER_EVERY_MM = inches(12);
const WASHER_CLEAR_MM = inches(3);
/** A bar across a panel at most every 3′ (from memory). mm. */
const BAR_EVERY_MM = feet(3);
/** Threads of mesh that are drawn, at most. */
const THREADS = 28;
/** ½″ mesh 1.4 kg/m² and coarser mesh in proportion; twin-wall sheet 0.8 kg/m², film 0.14 (from memory). */
const MESH_KG_M2 = 1.4;
const GLAZING_KG_M2 = { stiff: 0.8, film: 0.14 };
const kgPerM2 = ({ openingMm, stiff }: MeshRoll): number =>
  openingMm > 0 ? MESH_KG_M2 * (inches(0.5) / openingMm) : stiff ? GLAZING_KG_M2.stiff : GLAZING_KG_M2.film;

/** A face of the frame in its own directions: along it, across it from its middle, and out of it. */
export type Plane = Pick<BoardBox, 'at' | 'way' | 'side' | 'normal' | 'wideMm'>;

/** What a panel weighs: its strips and its mesh. kg. */
export function panelKg(parts: readonly Part[], roll: MeshRoll): number {
  return ofShape(parts, 'sheet')
    .filter(({ stock }) => stock === roll.id)
    .reduce(
      (sum, mesh) => sum + (((mesh.cutMm - (mesh.foldedMm ?? 0)) * mesh.heightMm) / 1e6) * kgPerM2(roll),
      woodKg(parts),
    );
}

/** Mesh and nets go so far past what they lie on, to be turned in or folded under, and are trimmed last (from memory). mm. */
const TURNED_MM = inches(1);
/** Strips of mesh lie so far over each other (from memory). mm. */
const OVER_MM = inches(2);

/** What lies over a panel: its mesh, and the net that goes over that. */
export interface Layer {
  role: 'mesh' | 'net' | 'glazing';
  roll: MeshRoll;
}

/** Flat mesh from corner to corner of what it lies on, its ends turned in: in one run where the roll is wide enough, else in strips across that lap, where they do not meet on a post. */
export function meshOver(
  plane: Plane,
  o: {
    id: string;
    role: string;
    roll: MeshRoll;
    fromMm: number;
    longMm: number;
    up: number;
    lapMm?: number;
    turnedMm?: number;
    /** The longest run of the roll. */
    longestMm?: number;
  },
): Sheet[] {
  const { at, way, side, wideMm } = plane;
  const turnedMm = o.turnedMm ?? TURNED_MM;
  // Of film and glazing only the edges are seen.
  const lines = (longMm: number): number[] =>
    threads(longMm, o.roll.openingMm > 0 ? Math.min(THREADS, Math.round(longMm / o.roll.openingMm)) : 1);
  const corner = (along: number): Point => at(along, -wideMm / 2, o.up);
  const sheet = (id: string, along: number, lies: Point, longMm: number, up: Point, highMm: number): Sheet =>
    sheetOf({
      id,
      role: o.role,
      of: o.roll,
      base: flatBase(corner(along), lies, longMm),
      up,
      cutMm: longMm + 2 * turnedMm,
      foldedMm: 2 * turnedMm,
      heightMm: highMm,
      uprightsMm: lines(longMm),
      levelsMm: lines(highMm),
    });
  const inOneRun = wideMm <= o.roll.heightMm + 1 && o.longMm + 2 * turnedMm <= (o.longestMm ?? Infinity);
  if (inOneRun) return [sheet(o.id, o.fromMm, way, o.longMm, side, wideMm)];
  const lapMm = o.lapMm ?? OVER_MM;
  const strips = Math.max(1, Math.ceil((o.longMm - lapMm) / (o.roll.heightMm - lapMm) - 1e-6));
  const each = (o.longMm + (strips - 1) * lapMm) / strips;
  return Array.from({ length: strips }, (_, i) =>
    sheet(`${o.id}-${i + 1}`, o.fromMm + i * (each - lapMm), side, wideMm, way, each),
  );
}

/** Staples along a face of a strip, as they stand on this frame. */
export const staples = (sheet: Sheet, into: Bar, from: Point, to: Point, way: Point): Fixing[] =>
  staplesAlong(sheet, { into, from, to, way, everyMm: STAPLE_EVERY_MM, clearMm: STAPLE_CLEAR_MM });

export interface Panel extends Required<Pick<Assembled, 'parts' | 'joints'>> {
  /** The two that run through, at its near edge and its far edge; and those between them, in order along it. */
  rails: readonly [Bar, Bar];
  bars: readonly Bar[];
}

/** How each layer is fixed, by the name of the joint. */
const LAID: Readonly<Record<Layer['role'], string>> = {
  mesh: 'mesh to lid',
  net: 'net to lid',
  glazing: 'glazing to lid',
};

/** A flat frame that lies on a plane `upMm` out of it: two long strips, short ones between them, mesh (and a net) over them. */
export function panelOf(
  plane: Plane,
  o: {
    name: string;
    role: string;
    fromMm: number;
    longMm: number;
    upMm: number;
    strip: Timber;
    layers: readonly Layer[];
  },
  setting: BedSetting,
): Panel {
  const { at, wideMm } = plane;
  const { name, role, fromMm, longMm: long, strip } = o;
  const s = strip.wideMm;
  const up = o.upMm + strip.thickMm / 2;
  const [front, back] = [-1, 1].map((sign) =>
    barOf({
      id: `${name}-${sign < 0 ? 'front' : 'back'}`,
      role,
      of: strip,
      from: at(fromMm, sign * (wideMm / 2 - s / 2), up),
      to: at(fromMm + long, sign * (wideMm / 2 - s / 2), up),
      wide: plane.side,
      cutMm: long,
    }),
  ) as [Bar, Bar];
  const inner = long - s;
  const count = alongEvery(Math.max(1, inner), BAR_EVERY_MM);
  const alongs = Array.from({ length: count }, (_, n) => fromMm + s / 2 + (inner * n) / (count - 1));
  const bars = alongs.map((along, n) =>
    barOf({
      id: `${name}-across-${n + 1}`,
      role,
      of: strip,
      from: at(along, -(wideMm / 2 - s), up),
      to: at(along, wideMm / 2 - s, up),
      wide: plane.way,
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
        fixings: [{ stock: screw, count: 1, drive: { through: rail.id, into: bar.id, way: scale(plane.side, -sign) } }],
      };
    }),
  );
  const covers = o.layers.flatMap(({ role: of, roll }) =>
    meshOver(plane, {
      id: `${name}-${of}`,
      role: of,
      roll,
      fromMm,
      longMm: long,
      up: o.upMm + strip.thickMm,
      // What is stiff and clear is cut to the frame; what is off a roll is turned in.
      ...(of === 'glazing' && roll.stiff ? { turnedMm: 0 } : {}),
    }),
  );
  const raise = scale(plane.normal, strip.thickMm / 2);
  const into = scale(plane.normal, -1);
  const stapled = covers.map((sheet): Joint => {
    if (sheet.role === 'glazing' && o.layers.some(({ role: of, roll }) => of === 'glazing' && roll.stiff)) {
      const isWhole = covers.length === 1;
      // Of several sheets side by side each is screwed to what it lies on.
      const on = [front, back, ...bars].flatMap((bar) => {
        const [a, b] = [add(bar.from, raise), add(bar.to, raise)];
        const clear = scale(minus(b, a), Math.min(0.25, WASHER_CLEAR_MM / reach(a, b)));
        const places = evenly(add(a, clear), minus(b, clear), WASHER_EVERY_MM).filter(
          (place) => isWhole || shapeOf(sheet).distanceTo(sheet, place) < 1,
        );
        return places.length > 0 ? [{ bar, places, at: isWhole ? scale(add(a, b), 0.5) : (places[0] as Point) }] : [];
      });
      return {
        id: `${sheet.id}-screwed`,
        kind: 'glazing to lid',
        places: on.map(({ at: place }) => place),
        parts: [sheet.id, ...on.map(({ bar }) => bar.id)],
        fixings: on.flatMap(({ bar, places }) => washered(sheet.id, bar, into, places, setting)),
      };
    }
    // A net goes over the mesh, and its staples stand outside those of the mesh.
    const fixings =
      sheet.role === 'net'
        ? [front, back].flatMap((bar, n) => {
            const out = add(raise, scale(plane.side, (n === 0 ? -1 : 1) * NET_OUT * s));
            return staples(sheet, bar, add(bar.from, out), add(bar.to, out), into);
          })
        : [front, back, ...bars].flatMap((bar) => staples(sheet, bar, add(bar.from, raise), add(bar.to, raise), into));
    return stapledOn([sheet], LAID[sheet.role as Layer['role']], fixings);
  });
  return { parts: [front, back, ...bars, ...covers], joints: [...corners, ...stapled], rails: [front, back], bars };
}

/** Clear sheet or film over a panel. */
export const GLAZING_WORDS = {
  names: {
    joinery: {
      'glazing to lid':
        'Sheet lies edge to edge, its printed side up and its ribs down the slope: holes drilled a little wide so that it can move, screws with washers, not tight. Film is pulled flat, folded round and stapled.',
    },
  },
  phrases: {
    'glazing.sheet': 'Two walls with air between keep the night out better than one.',
    'count.glazing-screws': 'A screw and a washer no more than {every} apart along every strip',
    'count.glazing-staples': 'One every {every}',
  },
} as const satisfies Said;
