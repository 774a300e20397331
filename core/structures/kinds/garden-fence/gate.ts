import { stockOf } from '../../../catalogue/catalogue';
import type { Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import type { Part } from '../../../design/shapes/shapes';
import { flatBase, type Sheet } from '../../../design/shapes/sheet';
import { add, minus, reach, scale, unit, UP, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { alongEvery, screwThrough } from '../../rules/fixings';
import { boardStock } from './infill';
import { bayLevel, type Fence } from './fence';
import { onLeg, type Bay } from './run';

/** ⅜–½″ clearance each side (common practice, no source); under the leaf 2″ (from memory). mm. */
const CLEAR_MM = inches(0.5);
const GATE_BOTTOM_MM = inches(2);
const WASHER_EVERY_MM = inches(12);
/** A leaf this high or wide hangs on three hinges (from memory). mm. */
const HIGH_LEAF_MM = feet(5);

/**
 * A framed leaf between its posts: two stiles, two rails, and one timber brace that runs from the lower
 * hinge corner up to the latch corner, where it is pressed and cannot sag (common practice, no source).
 * Hinges are on the side of the first post.
 */
export function hangGate(f: Fence, bay: Bay): { parts: Part[]; joints: Joint[] } {
  const { wideMm, thickMm, id: stock } = f.rail;
  const base = Math.max(bayLevel(bay, true).baseFrom, bay.from.at[2], bay.to.at[2]) + GATE_BOTTOM_MM;
  const place = (at: Point): number => Math.hypot(at[0] - bay.leg.from[0], at[1] - bay.leg.from[1]);
  const a = place(bay.from.at) + f.faceMm / 2 + CLEAR_MM;
  const b = place(bay.to.at) - f.faceMm / 2 - CLEAR_MM;
  const wide = b - a;
  const high = Math.max(3 * wideMm, f.v.height - GATE_BOTTOM_MM);
  const at = (along: number, up: number, outMm = 0): Point => {
    const [x, y] = onLeg(bay.leg, along, 0, outMm);
    return [x, y, base + up];
  };
  const tag = `r${bay.leg.index + 1}-1`;
  const bar = (
    name: string,
    role: string,
    from: Point,
    to: Point,
    way: Point,
    ends: Bar['ends'],
    cutMm = reach(from, to),
  ): Bar => ({
    shape: 'bar',
    id: `${name}-${tag}`,
    role,
    stock,
    from,
    to,
    wide: way,
    wideMm,
    thickMm,
    cutMm: Math.max(1, cutMm),
    buriedMm: 0,
    ends,
    holes: [],
  });
  const square = [{ cut: 'square' }, { cut: 'square' }] as const;
  const stiles = [a + wideMm / 2, b - wideMm / 2].map((along, n) =>
    bar(`gate-stile${n + 1}`, 'gate stile', at(along, 0), at(along, high), bay.leg.along, square),
  );
  const inner = [a + wideMm, b - wideMm] as const;
  const ups = [wideMm / 2, high - wideMm / 2] as const;
  const rails = ups.map((up, n) =>
    bar(`gate-rail${n + 1}`, 'gate rail', at(inner[0], up), at(inner[1], up), UP, square),
  );
  // Flat on the face of the frame, from over the lower hinge corner to under the latch corner.
  const face = thickMm;
  const low = at(inner[0], wideMm, face);
  const top = at(inner[1], high - wideMm, face);
  const way = unit(minus(top, low));
  const rise = Math.asin(Math.min(1, Math.max(-1, way[2])));
  const brace = bar(
    'gate-brace',
    'gate brace',
    low,
    top,
    [-Math.sin(rise) * bay.leg.along[0], -Math.sin(rise) * bay.leg.along[1], Math.cos(rise)],
    [
      { cut: 'mitre', angleRad: rise },
      { cut: 'mitre', angleRad: rise },
    ],
    reach(low, top) + wideMm * Math.tan(Math.min(rise, 1.3)),
  );
  const screw = screwThrough(f.setting, wideMm, wideMm);
  const lap = screwThrough(f.setting, thickMm, thickMm);
  const filling =
    f.v.infill === 'boards'
      ? gateBoards(f, bay, tag, a, b, high, base, stiles)
      : gateMesh(f, bay, tag, a, wide, high, base, rails, stiles);
  const hinges = high > HIGH_LEAF_MM || wide > 1250 ? 3 : 2;
  const hingeUps = hinges === 3 ? [wideMm / 2, high / 2, high - wideMm / 2] : [...ups];
  return {
    parts: [...stiles, ...rails, brace, ...filling.parts],
    joints: [
      ...rails.flatMap((rail, n) =>
        stiles.map((stile, m): Joint => ({
          id: `${rail.id}-${m + 1}`,
          kind: 'gate joined',
          places: [at(m === 0 ? inner[0] : inner[1], ups[n] as number)],
          parts: [rail.id, stile.id],
          fixings: [{ stock: screw, count: 2 }],
        })),
      ),
      ...(
        [
          [low, rails[0], stiles[0]],
          [top, rails[1], stiles[1]],
        ] as const
      ).map(([point, rail, stile], n): Joint => ({
        id: `gate-brace-${tag}-${n + 1}`,
        kind: 'gate brace fixed',
        places: [add(point, scale(bay.leg.out, -thickMm / 2))],
        parts: [brace.id, (rail as Bar).id, (stile as Bar).id],
        fixings: [{ stock: lap, count: 3 }],
      })),
      ...filling.joints,
      {
        id: `gate-hinges-${tag}`,
        kind: 'gate hung',
        places: hingeUps.map((up) => at(a - CLEAR_MM / 2, up)),
        parts: [bay.from.id, (stiles[0] as Bar).id],
        fixings: [{ stock: 'gate-hinge', count: hinges }],
      },
      {
        id: `gate-latch-${tag}`,
        kind: 'gate latched',
        places: [at(b + CLEAR_MM / 2, high * 0.75)],
        parts: [bay.to.id, (stiles[1] as Bar).id],
        fixings: [{ stock: 'gate-latch', count: 1 }],
      },
    ],
  };
}

/** Mesh on the outside of the leaf, fixed before it is hung. */
function gateMesh(
  f: Fence,
  bay: Bay,
  tag: string,
  a: number,
  wide: number,
  high: number,
  base: number,
  rails: readonly Bar[],
  stiles: readonly Bar[],
): { parts: Part[]; joints: Joint[] } {
  const roll = stockOf(f.setting.catalogue, f.v.low === 'none' ? f.v.mesh : f.v.low, 'mesh roll');
  const { thickMm, wideMm } = f.rail;
  const at = (along: number, up: number): Point => {
    const [x, y] = onLeg(bay.leg, along, 0, -thickMm / 2);
    return [x, y, base + up];
  };
  const tall = Math.min(high, roll.heightMm);
  const across = Math.max(1, Math.round(wide / roll.openingMm));
  const rungs = Math.max(1, Math.round(tall / roll.stepMm));
  const mesh: Sheet = {
    shape: 'sheet',
    id: `gate-mesh-${tag}`,
    role: 'gate mesh',
    stock: roll.id,
    base: flatBase(at(a, 0), bay.leg.along, wide),
    up: UP,
    cutMm: wide,
    heightMm: tall,
    uprightsMm: Array.from({ length: across + 1 }, (_, n) => (n * wide) / across),
    levelsMm: Array.from({ length: rungs + 1 }, (_, n) => (n * tall) / rungs),
    wireMm: roll.wireMm,
    meshes: 0,
  };
  const washers = 2 * alongEvery(wide, WASHER_EVERY_MM) + 2 * alongEvery(tall, WASHER_EVERY_MM);
  return {
    parts: [mesh],
    joints: [
      {
        id: `${mesh.id}-washers`,
        kind: 'gate filled',
        places: [at(a + wideMm / 2, tall / 2), at(a + wide - wideMm / 2, tall / 2), at(a + wide / 2, wideMm / 2)],
        parts: [mesh.id, (rails[0] as Bar).id, ...stiles.map((one) => one.id)],
        fixings: [
          { stock: 'screw-roofing', count: washers },
          { stock: 'washer-fender', count: washers },
        ],
      },
    ],
  };
}

/** Level boards on the outside of the leaf, as those of the fence. */
function gateBoards(
  f: Fence,
  bay: Bay,
  tag: string,
  a: number,
  b: number,
  high: number,
  base: number,
  stiles: readonly Bar[],
): { parts: Part[]; joints: Joint[] } {
  const board = stockOf(f.setting.catalogue, boardStock(f), 'timber');
  const pitch = board.wideMm + f.v.boardGap;
  const count = Math.max(1, Math.floor((high + f.v.boardGap + 0.5) / pitch));
  const out = -(f.rail.thickMm + board.thickMm) / 2;
  const at = (along: number, up: number, outMm: number): Point => {
    const [x, y] = onLeg(bay.leg, along, 0, outMm);
    return [x, y, base + up];
  };
  const boards = Array.from({ length: count }, (_, n): Bar => ({
    shape: 'bar',
    id: `gate-board-${tag}-${n + 1}`,
    role: 'gate board',
    stock: board.id,
    from: at(a, n * pitch + board.wideMm / 2, out),
    to: at(b, n * pitch + board.wideMm / 2, out),
    wide: UP,
    wideMm: board.wideMm,
    thickMm: board.thickMm,
    cutMm: Math.max(1, b - a),
    buriedMm: 0,
    ends: [{ cut: 'square' }, { cut: 'square' }],
    holes: [],
  }));
  return {
    parts: boards,
    joints: boards.map((one, n): Joint => ({
      id: `${one.id}-screws`,
      kind: 'gate filled',
      places: [a + f.rail.wideMm / 2, b - f.rail.wideMm / 2].map((along) =>
        at(along, n * pitch + board.wideMm / 2, -f.rail.thickMm / 2),
      ),
      parts: [one.id, ...stiles.map((stile) => stile.id)],
      fixings: [{ stock: screwThrough(f.setting, board.thickMm, f.rail.thickMm), count: 4 }],
    })),
  };
}
