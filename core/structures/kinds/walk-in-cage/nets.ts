import { stockOf } from '../../../catalogue/catalogue';
import type { MeshRoll } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { lineOf } from '../../../design/shapes/line';
import { shapeOf } from '../../../design/shapes/shapes';
import { flatBase, sheetOf, threads, type Sheet } from '../../../design/shapes/sheet';
import { add, reach, scale, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import { groundOf } from '../../assemblies/bed-row';
import { LAP_MM, lapJoints, layStrips } from '../../assemblies/cover-strips';
import { stapledOn, staplesAlong } from '../../assemblies/staples';
import { eyeIn } from '../../rules/fixings';
import type { BedSetting } from '../../setting';
import { lintelUp, lowAbove, type Cage, type Side } from './frame';
import type { WalkInCageValues } from './knobs';

/** Staples along a rail, and clear of its ends (from memory). mm. */
export const STAPLE_EVERY_MM = inches(8);
const CLEAR_MM = inches(3);
/** The roof net is cut so much longer at both ends, turned down over the rails (from memory). mm. */
const TURN_MM = inches(6);
/** Of one wire: both ends twisted round their eyes (from memory). mm. */
const WIRE_END_MM = inches(8);
/** A wire keeps so far from the faces of a post, where the rail’s inner face is free. mm. */
const BESIDE_POST_MM = inches(1);
const THREADS = { net: 14, mesh: 40 } as const;

const drawn = (longMm: number, roll: MeshRoll): number[] =>
  threads(
    longMm,
    roll.stiff ? Math.min(THREADS.mesh, Math.round(longMm / 50)) : Math.min(THREADS.net, Math.round(longMm / 250)),
  );

/** Where roof wires go across: evenly, none farther apart than asked, moved beside a post where there is one. mm. */
export function wiresAt(cage: Cage, apartMm: number): number[] {
  const count = Math.max(1, Math.ceil(cage.longMm / apartMm - 1e-6)) - 1;
  const free = cage.postMm / 2 + BESIDE_POST_MM;
  const posts = [...cage.sides.front.postsAt, ...cage.sides.back.postsAt];
  return Array.from({ length: count }, (_, i) => {
    const at = (cage.longMm * (i + 1)) / (count + 1);
    const shifts = [0, ...Array.from({ length: 40 }, (__, n) => (n + 1) * 10).flatMap((by) => [by, -by])];
    const moved = shifts.find(
      (by) => at + by > free && at + by < cage.longMm - free && posts.every((post) => Math.abs(at + by - post) >= free),
    );
    return at + (moved ?? 0);
  });
}

/** Wires from rail to rail, each on two eyes, with a turnbuckle. */
export function wiresOf(cage: Cage, v: WalkInCageValues, rails: readonly Bar[], diameterMm: number): Assembled {
  const { front, back } = cage.sides;
  const up = v.height - cage.rail.wideMm / 2;
  const made = wiresAt(cage, v.wires).map((along, i) => {
    const path = [front.at(along, up, 0), back.at(along, up, 0)] as const;
    const wire = lineOf({
      id: `wire-${i + 1}`,
      role: 'roof wire',
      of: { id: 'line-wire', diameterMm },
      path,
      cutMm: reach(...path) + 2 * WIRE_END_MM,
    });
    const joints = [front, back].map((side, n): Joint => {
      const place = path[n] as Point;
      const rail = rails.find(
        (one) => one.role === 'top rail' && one.id.includes(side.name) && shapeOf(one).distanceTo(one, place) < 0.5,
      ) as Bar;
      return {
        id: `${wire.id}-${side.name}`,
        kind: 'wire to rail',
        places: [place],
        parts: [wire.id, rail.id],
        fixings: [
          eyeIn(rail.id, scale(side.inwards, -1), place),
          ...(n === 0 ? [{ stock: 'turnbuckle', count: 1 }] : []),
        ],
      };
    });
    return { wire, joints };
  });
  return { parts: made.map((one) => one.wire), joints: made.flatMap((one) => one.joints) };
}

/** Flat net or mesh on one side, from so far along it to so far, and from so high to so high. */
function onSide(
  side: Side,
  o: { id: string; role: string; roll: MeshRoll; from: number; to: number; low: number; high: number; out: number },
): Sheet {
  const corner = side.at(o.from, o.low, o.out);
  const longMm = o.to - o.from;
  return sheetOf({
    id: o.id,
    role: o.role,
    of: o.roll,
    base: flatBase(corner, side.way, longMm),
    heightMm: o.high - o.low,
    uprightsMm: drawn(longMm, o.roll),
    levelsMm: drawn(o.high - o.low, o.roll),
  });
}

/** The net in as many bands as its roll is too narrow for, the upper over the lower by a hand. */
function bands(
  side: Side,
  o: { id: string; roll: MeshRoll; from: number; to: number; low: number; high: number; out: number },
): { sheets: Sheet[]; laps: Joint[] } {
  const tall = o.high - o.low;
  const count = Math.max(1, Math.ceil((tall - LAP_MM) / (o.roll.heightMm - LAP_MM) - 1e-6));
  const each = (tall + (count - 1) * LAP_MM) / count;
  const lowOf = (i: number): number => o.low + i * (each - LAP_MM);
  const sheets = Array.from({ length: count }, (_, i) =>
    onSide(side, {
      ...o,
      id: count === 1 ? o.id : `${o.id}-${i + 1}`,
      role: 'side net',
      low: lowOf(i),
      high: lowOf(i) + each,
    }),
  );
  const laps = sheets.slice(1).map((upper, i): Joint => ({
    id: `${upper.id}-lapped`,
    kind: 'net lapped',
    places: [side.at((o.from + o.to) / 2, lowOf(i + 1) + LAP_MM / 2, o.out)],
    parts: [(sheets[i] as Sheet).id, upper.id],
    fixings: [],
  }));
  return { sheets, laps };
}

/** Holds a sheet to the rails of its side, from outside; those it does not touch fall away. */
function onRails(sheet: Sheet, kind: string, rails: readonly Bar[], side: Side): Joint {
  const fixings = rails.flatMap((into) => {
    const out = scale(side.inwards, -into.thickMm / 2);
    return staplesAlong(sheet, {
      into,
      from: add(into.from, out),
      to: add(into.to, out),
      way: side.inwards,
      everyMm: STAPLE_EVERY_MM,
      clearMm: CLEAR_MM,
    });
  });
  return stapledOn([sheet], kind, fixings);
}

/** Stiff mesh low down, and nets on all four sides and over the door. */
export function sidesOf(cage: Cage, v: WalkInCageValues, rails: readonly Bar[], setting: BedSetting): Assembled {
  const net = stockOf(setting.catalogue, v.net, 'mesh roll');
  const out = cage.rail.thickMm;
  const parts: Sheet[] = [];
  const joints: Joint[] = [];
  for (const side of Object.values(cage.sides)) {
    const own = rails.filter((one) => one.id.includes(side.name));
    const from = side.name === 'front' ? cage.door.toMm : 0;
    // A door may fill the front: beside it there is only its post.
    const beside = side.longMm - from > cage.postMm + 1;
    if (v.low !== 'none' && beside) {
      const mesh = onSide(side, {
        id: `low-${side.name}-mesh`,
        role: 'low mesh',
        roll: stockOf(setting.catalogue, v.low, 'mesh roll'),
        from,
        to: side.longMm,
        low: -v.below,
        high: lowAbove(v, setting),
        out,
      });
      parts.push(mesh);
      const low = own.filter((one) => one.role === 'low rail');
      joints.push(onRails(mesh, 'low mesh to rail', low, side));
    }
    const put = (o: { id: string; from: number; to: number; low: number }, on: readonly Bar[]): void => {
      const { sheets, laps } = bands(side, { ...o, roll: net, high: v.height, out });
      parts.push(...sheets);
      // A band with no rail behind it hangs from the one above.
      const held = sheets
        .map((sheet) => onRails(sheet, 'net to rail', on, side))
        .filter(({ places }) => places.length > 0);
      joints.push(...held, ...laps);
    };
    if (beside)
      put(
        { id: `net-${side.name}`, from, to: side.longMm, low: 0 },
        own.filter((one) => one.role !== 'lintel'),
      );
    if (side.name === 'front')
      put(
        { id: 'net-over-door', from: 0, to: beside ? cage.door.toMm : side.longMm, low: lintelUp(cage) },
        own.filter((one) => one.role !== 'low rail'),
      );
  }
  return { parts, joints };
}

/** Strips of net over the roof, lapping each other, stapled into the upper edges of the rails. */
export function roofOf(cage: Cage, v: WalkInCageValues, rails: readonly Bar[], setting: BedSetting): Assembled {
  const roll = stockOf(setting.catalogue, v.net, 'mesh roll');
  const { bed } = setting.place;
  const half = cage.wideMm / 2 + cage.rail.thickMm;
  const up = v.height - bed.heightMm;
  const strips = layStrips({
    section: [
      [-half, up],
      [half, up],
    ],
    roll,
    ground: groundOf(bed),
    y: 0,
    fromMm: -cage.rail.thickMm,
    builtMm: cage.longMm + 2 * cage.rail.thickMm,
    cutMm: cage.longMm + 2 * TURN_MM,
  }).map((one, i): Sheet => ({ ...one, id: `roof-${i + 1}`, role: 'roof net' }));
  const tops = rails.filter((one) => one.role === 'top rail');
  const joints = strips.map((strip) =>
    stapledOn(
      [strip],
      'net to rail',
      tops.flatMap((into) => {
        const raise = scale(into.wide, into.wideMm / 2);
        return staplesAlong(strip, {
          into,
          from: add(into.from, raise),
          to: add(into.to, raise),
          way: scale(into.wide, -1),
          everyMm: STAPLE_EVERY_MM,
          clearMm: CLEAR_MM,
        });
      }),
    ),
  );
  return { parts: strips, joints: [...joints, ...lapJoints(strips, 'net lapped')] };
}
