import { stockOf } from '../../../catalogue/catalogue';
import { LAP_MM } from '../../../catalogue/lap';
import type { MeshRoll } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { lineOf } from '../../../design/shapes/line';
import { shapeOf } from '../../../design/shapes/shapes';
import { sheetOf, threads, type Sheet } from '../../../design/shapes/sheet';
import { chainThrough, lengthOf, line } from '../../../geometry/curve';
import { add, reach, scale, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import { groundOf } from '../../assemblies/bed-row';
import { lapJoints, layStrips } from '../../assemblies/cover-strips';
import { stapledOn, staplesAlong } from '../../assemblies/staples';
import { eyeIn } from '../../rules/fixings';
import type { BedSetting } from '../../setting';
import { atSide, lintelUp, lowAbove, type Cage, type CageSide } from './frame';
import type { WalkInCageValues } from './knobs';

/** Staples along a rail, and clear of its ends (from memory). mm. */
export const STAPLE_EVERY_MM = inches(8);
const CLEAR_MM = inches(3);
/** The roof net is turned down so far over the rails of the long sides, and cut so much longer at both ends (from memory). mm. */
const DOWN_MM = inches(4);
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
    const path = [atSide(front, along, up, 0), atSide(back, along, up, 0)] as const;
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

/** How the end of a net goes on past its side: round the corner over the next side, round the post of the doorway, or not. */
type End = 'corner' | 'post' | 'flush';
/** How far it goes on: a hand over the next side, or 2″ on the face of a post (from memory). mm. */
const ON_NEXT_MM = LAP_MM;
const ON_POST_MM = inches(2);

/** What of a side is covered: from so far along to so far, how both ends go on, and from so high to so high. mm. */
interface Cover {
  id: string;
  role: string;
  roll: MeshRoll;
  from: number;
  to: number;
  ends: readonly [End, End];
  low: number;
  high: number;
}

/** Net or mesh on the rails of one side, turned round its ends. */
function onSide(side: CageSide, outMm: number, o: Cover): Sheet {
  const at = (along: number, out: number): Point => atSide(side, along, o.low, out);
  const turned = (end: End, along: number, away: -1 | 1): Point[] =>
    end === 'corner'
      ? [at(along + away * outMm, -ON_NEXT_MM), at(along + away * outMm, outMm)]
      : end === 'post'
        ? [at(along, -ON_POST_MM), at(along, outMm)]
        : [at(along, outMm)];
  const path = [...turned(o.ends[0], o.from, -1), ...turned(o.ends[1], o.to, 1).reverse()];
  const base = path.length === 2 ? line(path[0] as Point, path[1] as Point) : chainThrough(path);
  return sheetOf({
    id: o.id,
    role: o.role,
    of: o.roll,
    base,
    heightMm: o.high - o.low,
    uprightsMm: drawn(lengthOf(base), o.roll),
    levelsMm: drawn(o.high - o.low, o.roll),
  });
}

/** The net in as many bands as its roll is too narrow for, the upper over the lower by a hand. */
function bands(side: CageSide, outMm: number, o: Omit<Cover, 'role'>): { sheets: Sheet[]; laps: Joint[] } {
  const tall = o.high - o.low;
  const count = Math.max(1, Math.ceil((tall - LAP_MM) / (o.roll.heightMm - LAP_MM) - 1e-6));
  const each = (tall + (count - 1) * LAP_MM) / count;
  const lowOf = (i: number): number => o.low + i * (each - LAP_MM);
  const sheets = Array.from({ length: count }, (_, i) =>
    onSide(side, outMm, {
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
    by: 'tied',
    places: [atSide(side, (o.from + o.to) / 2, lowOf(i + 1) + LAP_MM / 2, outMm)],
    parts: [(sheets[i] as Sheet).id, upper.id],
    fixings: [],
  }));
  return { sheets, laps };
}

/** Holds a sheet to the rails of its side, from outside; those it does not touch fall away. */
function onRails(sheet: Sheet, kind: string, rails: readonly Bar[], side: CageSide): Joint {
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

/** Holds the turned-in edges of nets to the posts of the doorway: in the gateway of the one beside it, on the front of the corner’s. */
function onPosts(sheets: readonly Sheet[], post: Bar, face: (up: number) => Point, way: Point, toMm: number): Joint[] {
  return sheets.flatMap((sheet) => {
    const fixings = staplesAlong(sheet, {
      into: post,
      from: face(0),
      to: face(toMm),
      way,
      everyMm: STAPLE_EVERY_MM,
      clearMm: CLEAR_MM,
    });
    return fixings.length === 0 ? [] : [{ ...stapledOn([sheet], 'net to post', fixings), id: `${sheet.id}-on-post` }];
  });
}

/** Stiff mesh low down, and nets on all four sides and over the door: those of the long sides turned round the corners, of the short sides over them, and round the posts of the doorway. */
export function sidesOf(cage: Cage, v: WalkInCageValues, rails: readonly Bar[], setting: BedSetting): Assembled {
  const net = stockOf(setting.catalogue, v.net, 'mesh roll');
  const out = cage.rail.thickMm;
  const parts: Sheet[] = [];
  const joints: Joint[] = [];
  const { front, left, right } = cage.sides;
  const from = cage.door.toMm;
  // A door may fill the front: beside it there is only its post.
  const beside = front.longMm - from > cage.postMm + 1;
  for (const side of Object.values(cage.sides)) {
    const own = rails.filter((one) => one.id.includes(side.name));
    const long = side === front || side === cage.sides.back;
    // The corner of a short side that the doorway is at.
    const atDoor = side === left || (side === right && !beside);
    const whole: Pick<Cover, 'from' | 'to' | 'ends'> = long
      ? { from: side === front ? from : 0, to: side.longMm, ends: [side === front ? 'post' : 'corner', 'corner'] }
      : { from: atDoor ? 0 : -out, to: side.longMm + out, ends: [atDoor ? 'post' : 'flush', 'flush'] };
    const closed = side !== front || beside;
    const lain: Sheet[] = [];
    if (v.low !== 'none' && closed) {
      const mesh = onSide(side, out, {
        ...whole,
        id: `low-${side.name}-mesh`,
        role: 'low mesh',
        roll: stockOf(setting.catalogue, v.low, 'mesh roll'),
        low: -v.below,
        high: lowAbove(v, setting),
      });
      parts.push(mesh);
      lain.push(mesh);
      const low = own.filter((one) => one.role === 'low rail');
      joints.push(onRails(mesh, 'low mesh to rail', low, side));
    }
    const put = (o: Omit<Cover, 'role' | 'roll' | 'high'>, on: readonly Bar[]): void => {
      const { sheets, laps } = bands(side, out, { ...o, roll: net, high: v.height });
      parts.push(...sheets);
      lain.push(...sheets);
      // A band with no rail behind it hangs from the one above.
      const held = sheets
        .map((sheet) => onRails(sheet, 'net to rail', on, side))
        .filter(({ places }) => places.length > 0);
      joints.push(...held, ...laps);
    };
    if (closed)
      put(
        { ...whole, id: `net-${side.name}`, low: 0 },
        own.filter((one) => one.role !== 'lintel'),
      );
    const [hung, other] = front.posts as [Bar, Bar];
    if (side === front) {
      if (beside)
        joints.push(
          ...onPosts(lain, other, (up) => atSide(front, from, up, -ON_POST_MM / 2), front.way, lintelUp(cage)),
        );
      put(
        {
          id: 'net-over-door',
          from: 0,
          to: beside ? from + LAP_MM : side.longMm,
          ends: ['corner', beside ? 'flush' : 'corner'],
          low: lintelUp(cage),
        },
        own.filter((one) => one.role !== 'low rail'),
      );
    } else if (atDoor)
      joints.push(
        ...onPosts(
          lain,
          side === left ? hung : other,
          (up) => atSide(side, 0, up, -ON_POST_MM / 2),
          [0, 1, 0],
          lintelUp(cage),
        ),
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
      [-half, up - DOWN_MM],
      [-half, up],
      [half, up],
      [half, up - DOWN_MM],
    ],
    cornered: true,
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
