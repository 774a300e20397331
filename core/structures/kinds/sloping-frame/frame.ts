import { stockOf } from '../../../catalogue/catalogue';
import type { Joint, Station } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { flatBase, sheetOf } from '../../../design/shapes/sheet';
import { chainThrough, line, type Curve } from '../../../geometry/curve';
import { add, cross, minus, reach, scale, unit, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { onGround, wayAlong, type Ground } from '../../../site/ground';
import type { Assembled } from '../../assemblies/assembly';
import type { SetPost } from '../../assemblies/set-post';
import { evenly, screwThrough, washered } from '../../rules/fixings';
import { piecesOverPosts } from '../../rules/over-posts';
import { equalBays } from '../../rules/spacing';
import type { BedSetting } from '../../setting';
import type { SlopingFrameValues } from './knobs';

/** Rafters go so far past the stakes at both ends (from memory). mm. */
const PAST_MM = inches(3);
/** Laths lie no farther apart than this, up the slope; washers along them (from memory). mm. */
const LATHS_APART_MM = inches(20);
export const WASHER_EVERY_MM = inches(16);

/** The plane of its mesh over a row: along the soil, up the slope, and out of its face. */
export interface Plane {
  along: Point;
  up: Point;
  out: Point;
  /** A place by a tape along the row, up the slope from the middles of the front rafters’ ends, out of the rafters’ middles. mm. */
  at: (alongMm: number, upMm: number, outMm?: number) => Point;
  /** From the front end of the rafters to their back end. mm. */
  longMm: number;
}

/** Rafters lie so far under the tops of the stakes, to their middles (from memory). mm. */
const UNDER_TOP_MM = inches(1);

/** The plane over stakes at these places across the bed, so high. mm. */
export function planeOf(ground: Ground, o: { front: number; back: number; frontMm: number; backMm: number }): Plane {
  const along = wayAlong(ground);
  const up = unit([0, o.back - o.front, o.backMm - o.frontMm]);
  const out = unit(cross(along, up));
  const longMm = Math.hypot(o.back - o.front, o.backMm - o.frontMm) + 2 * PAST_MM;
  return {
    along,
    up,
    out,
    longMm,
    at: (alongMm, upMm, outMm = 0) =>
      add(
        add(onGround(ground, alongMm, o.front), [0, 0, o.frontMm - UNDER_TOP_MM]),
        add(scale(up, upMm - PAST_MM), scale(out, outMm)),
      ),
  };
}

export interface Rafter {
  bar: Bar;
  alongMm: number;
  joints: Joint[];
}

/** A rafter beside each pair of stakes, on the side towards the next; the last one on the side towards the one before. */
export function raftersOf(
  plane: Plane,
  o: {
    stakes: readonly (readonly [SetPost, SetPost])[];
    stakesAt: readonly number[];
    of: { id: string; wideMm: number; thickMm: number };
    setting: BedSetting;
  },
): Rafter[] {
  const screw = screwThrough(o.setting, o.of.thickMm, o.of.wideMm);
  return o.stakes.map((pair, i) => {
    const way = i === o.stakes.length - 1 ? -1 : 1;
    const off = (way * (o.of.wideMm + o.of.thickMm)) / 2;
    const alongMm = (o.stakesAt[i] as number) + off;
    const bar = barOf({
      id: `rafter-${i + 1}`,
      role: 'rafter',
      of: o.of,
      from: plane.at(alongMm, 0),
      to: plane.at(alongMm, plane.longMm),
      wide: plane.out,
    });
    const joints = pair.map((stake, n): Joint => {
      const upMm = n === 0 ? PAST_MM : plane.longMm - PAST_MM;
      const face = plane.at(alongMm - (way * o.of.thickMm) / 2, upMm);
      return {
        id: `${bar.id}-${stake.id}`,
        kind: 'rafter to stake',
        places: [face],
        parts: [bar.id, stake.id],
        fixings: [
          {
            stock: screw,
            count: 2,
            drive: {
              through: bar.id,
              into: stake.id,
              way: [-way, 0, 0],
              // One before the other along the rafter, both under the top of the stake.
              places: [-SCREWS_MM, SCREWS_MM].map((by) => plane.at(alongMm + (way * o.of.thickMm) / 2, upMm + by)),
            },
          },
        ],
      };
    });
    return { bar, alongMm, joints };
  });
}
/** Two screws through a rafter, so far from the middle of the stake along it (from memory). mm. */
const SCREWS_MM = 10;

/** Of two laths that follow each other each goes so far past the rafter they share (from memory). mm. */
const LAP_MM = inches(2);

/** Laths along the row on the rafters: at the front end, the upper edge of the mesh and evenly between; pieces lie side by side over a rafter. */
export function lathsOf(
  plane: Plane,
  o: {
    rafters: readonly Rafter[];
    lath: { id: string; wideMm: number; thickMm: number };
    of: { wideMm: number; thickMm: number };
    meshMm: number;
    rowMm: number;
    setting: BedSetting;
  },
): { bars: Bar[]; joints: Joint[]; ups: readonly number[] } {
  const { lath } = o;
  const [low, high] = [lath.wideMm / 2, Math.max(lath.wideMm * 3.6, o.meshMm - lath.wideMm / 2)];
  const ups = equalBays([low, high], LATHS_APART_MM);
  const longest = o.setting.sizesOf(lath.id).at(-1) ?? o.rowMm;
  // From end to end of the row; where one does not reach, the next begins over a rafter between, beside it.
  const half = o.of.thickMm / 2;
  const inner = o.rafters.slice(1, -1).map(({ alongMm }) => alongMm);
  const pieces = piecesOverPosts([half, ...inner, o.rowMm - half], o.of.thickMm, longest - 2 * LAP_MM).map(
    ({ fromMm, toMm }, i, all) => ({
      fromMm: i === 0 ? fromMm : fromMm - LAP_MM,
      toMm: i === all.length - 1 ? toMm : toMm + LAP_MM,
    }),
  );
  const outMm = (o.of.wideMm + lath.thickMm) / 2;
  const screw = screwThrough(o.setting, lath.thickMm, o.of.wideMm);
  const laid = ups.flatMap((up, n) =>
    pieces.map(({ fromMm, toMm }, m) => {
      // The uppermost stay under the edge of the mesh.
      const at = up + (m % 2) * lath.wideMm * (n === ups.length - 1 ? -1 : 1);
      const bar = barOf({
        id: `lath-${n + 1}-${m + 1}`,
        role: 'lath',
        of: lath,
        from: plane.at(fromMm, at, outMm),
        to: plane.at(toMm, at, outMm),
        wide: unit(cross(plane.out, plane.along)),
      });
      const joints = o.rafters.flatMap((rafter): Joint[] => {
        const { alongMm } = rafter;
        if (alongMm < fromMm - 1 || alongMm > toMm + 1) return [];
        return [
          {
            id: `${bar.id}-${rafter.bar.id}`,
            kind: 'lath to rafter',
            places: [plane.at(alongMm, at, o.of.wideMm / 2)],
            parts: [bar.id, rafter.bar.id],
            fixings: [
              { stock: screw, count: 1, drive: { through: bar.id, into: rafter.bar.id, way: scale(plane.out, -1) } },
            ],
          },
        ];
      });
      return { bar, joints };
    }),
  );
  return { bars: laid.map(({ bar }) => bar), joints: laid.flatMap(({ joints }) => joints), ups };
}

/** Mesh over the laths, a screw and a washer every so often along each. */
export function meshOn(
  plane: Plane,
  o: {
    v: SlopingFrameValues;
    laths: readonly Bar[];
    lath: { wideMm: number; thickMm: number };
    of: { wideMm: number };
    meshMm: number;
    setting: BedSetting;
  },
): Assembled {
  const roll = stockOf(o.setting.catalogue, o.v.mesh, 'mesh roll');
  const outMm = o.of.wideMm / 2 + o.lath.thickMm;
  const sheet = sheetOf({
    id: 'mesh',
    role: 'mesh',
    of: roll,
    base: flatBase(plane.at(0, 0, outMm + roll.wireMm / 2), plane.along, o.v.rowLength),
    up: plane.up,
    heightMm: o.meshMm,
  });
  return {
    parts: [sheet],
    joints: o.laths.map((lath): Joint => {
      const axis = unit(minus(lath.to, lath.from));
      const inMm = Math.min(inches(1), reach(lath.from, lath.to) / 8);
      const lift = scale(plane.out, o.lath.thickMm / 2);
      const places = evenly(
        add(add(lath.from, scale(axis, inMm)), lift),
        add(add(lath.to, scale(axis, -inMm)), lift),
        WASHER_EVERY_MM,
      );
      return {
        id: `mesh-${lath.id}`,
        kind: 'mesh to lath',
        places,
        parts: [sheet.id, lath.id],
        fixings: washered(sheet.id, lath, scale(plane.out, -1), places, o.setting),
      };
    }),
  };
}

/** A stem that grows up to the lower edge of the mesh and lies on it from there. mm. */
export function stemOver(plane: Plane, { at, alongMm, growsMm }: Station, overMm: number): Curve {
  const edge = plane.at(alongMm, PAST_MM, overMm);
  const left = growsMm - reach(at, edge);
  return left <= 0 ? line(at, add(at, [0, 0, growsMm])) : chainThrough([at, edge, add(edge, scale(plane.up, left))]);
}
