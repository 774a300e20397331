import type { Cord, MeshRoll } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { fillOf, type Fill } from '../../../design/shapes/fill';
import { lineOf } from '../../../design/shapes/line';
import { flatBase, sheetOf } from '../../../design/shapes/sheet';
import type { Part } from '../../../design/shapes/shapes';
import { areaOf, type Pair } from '../../../geometry/polygon';
import type { Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import { nearestSide } from './stood';

/** The liner goes up the sides so far over the water, and is trimmed there (from memory). mm. */
const LINER_OVER_MM = inches(4);
/** Of gravel so much is room for water (35 to 45 % of rounded gravel of one size, from memory). */
export const ROOM_IN_GRAVEL = 0.4;
/** A pipe to fill it by stands so far over the soil; it lies so far in from the sides (from memory). mm. */
const PIPE_OVER_MM = inches(4);
const PIPE_IN_MM = inches(6);
/** Cloth goes up the sides by so much, so that no soil falls past it (from memory). mm. */
const CLOTH_UP_MM = inches(2);

/** What a bed that waters from below is lined with. */
export interface Reservoir extends Assembled {
  fill: Fill;
  /** What it holds when it is full. Litres. */
  waterLitres: number;
  /** How wide the liner has to be. mm. */
  linerWideMm: number;
}

/** What lies within the sides of a bed, from above. mm. */
interface Extent {
  x: readonly [number, number];
  y: readonly [number, number];
}
const extentOf = (inner: readonly Pair[]): Extent => ({
  x: [Math.min(...inner.map(([x]) => x)), Math.max(...inner.map(([x]) => x))],
  y: [Math.min(...inner.map(([, y]) => y)), Math.max(...inner.map(([, y]) => y))],
});

/** How wide a liner is that goes up both sides. mm. */
export const linerWide = (inner: readonly Pair[], deepMm: number): number => {
  const { y } = extentOf(inner);
  return y[1] - y[0] + 2 * (deepMm + LINER_OVER_MM);
};

/**
 * A bed’s foot made into a trough: a liner in one piece, gravel with a pipe in it to fill it by, an outlet in the side at
 * the height of the water, and cloth that keeps the soil out of the gravel. mm.
 */
export function reservoirIn(
  inner: readonly Pair[],
  o: {
    baseMm: number;
    soilMm: number;
    deepMm: number;
    liner: MeshRoll;
    cloth: MeshRoll;
    pipe: Cord;
    sides: readonly Part[];
  },
): Reservoir {
  const { x, y } = extentOf(inner);
  const [long, wide] = [x[1] - x[0], y[1] - y[0]];
  const upMm = o.deepMm + LINER_OVER_MM;
  const linerWideMm = linerWide(inner, o.deepMm);
  const liner = sheetOf({
    id: 'liner',
    role: 'liner',
    of: o.liner,
    base: flatBase([x[0], y[0], o.baseMm], [1, 0, 0], long),
    up: [0, 1, 0],
    cutMm: long + 2 * upMm,
    foldedMm: 2 * upMm,
    heightMm: linerWideMm,
    gatheredMm: 2 * upMm,
    uprightsMm: [0, long],
    levelsMm: [0, wide],
  });
  const middle: Pair = [
    inner.reduce((sum, [at]) => sum + at, 0) / inner.length,
    inner.reduce((sum, [, at]) => sum + at, 0) / inner.length,
  ];
  const fill = fillOf({
    id: 'fill-reservoir',
    role: 'reservoir',
    of: 'gravel',
    bottom: [middle[0], middle[1], o.baseMm],
    rim: { outline: inner.map(([at, across]): Pair => [at - middle[0], across - middle[1]]) },
    cutMm: o.deepMm,
    litres: (areaOf(inner) * o.deepMm) / 1e6,
  });
  const level = o.baseMm + o.deepMm;
  const strips = Math.max(1, Math.ceil((wide + 2 * CLOTH_UP_MM) / o.cloth.heightMm - 1e-6));
  const each = wide / strips;
  const cloths = Array.from({ length: strips }, (_, n) =>
    sheetOf({
      id: `cloth-${n + 1}`,
      role: 'wick cloth',
      of: o.cloth,
      base: flatBase([x[0], y[0] + n * each, level], [1, 0, 0], long),
      up: [0, 1, 0],
      cutMm: long + 2 * CLOTH_UP_MM,
      foldedMm: 2 * CLOTH_UP_MM,
      heightMm: Math.min(o.cloth.heightMm, each + 2 * CLOTH_UP_MM),
      gatheredMm: Math.min(o.cloth.heightMm, each + 2 * CLOTH_UP_MM) - each,
      uprightsMm: [0, long],
      levelsMm: [0, each],
    }),
  );
  // Along the back of the bed, which no notch is cut into, and up in its near corner.
  const low = o.baseMm + o.pipe.diameterMm / 2;
  const across = y[1] - Math.min(PIPE_IN_MM, wide / 2);
  const in_ = Math.min(PIPE_IN_MM, long / 4);
  const path: Point[] = [
    [x[0] + in_, across, o.soilMm + PIPE_OVER_MM],
    [x[0] + in_, across, low],
    [x[1] - in_, across, low],
  ];
  const pipe = lineOf({ id: 'fill-pipe', role: 'fill pipe', of: o.pipe, path });
  const spot: Point = [x[0], across, level];
  const side = nearestSide(o.sides, spot);
  const buried = ['cloth over the gravel', 'pipe in the gravel', 'liner about the water'];
  const joint = (id: string, kind: string, place: Point, parts: string[], stock?: string): Joint => ({
    id,
    kind,
    // What lies in gravel or under soil is held by it.
    ...(stock ? {} : { by: buried.includes(kind) ? ('cast in' as const) : ('bearing' as const) }),
    places: [place],
    parts,
    fixings: stock ? [{ stock, count: 1 }] : [],
  });
  return {
    parts: [liner, fill, ...cloths, pipe],
    joints: [
      joint('liner-below', 'liner about the water', [middle[0], y[1] - 1, o.baseMm], [liner.id, fill.id]),
      joint(
        'gravel-in-bed',
        'fill in the bed',
        [x[0], y[1], o.baseMm + o.deepMm / 2],
        [fill.id, nearestSide(o.sides, [x[0], y[1], o.baseMm + o.deepMm / 2]).id],
      ),
      ...cloths.map((cloth) =>
        joint(
          `${cloth.id}-over`,
          'cloth over the gravel',
          [x[0] + in_, Math.min(y[1] - 1, cloth.base.curve === 'line' ? cloth.base.from[1] + each : y[1]), level],
          [cloth.id, fill.id],
        ),
      ),
      joint('pipe-in-gravel', 'pipe in the gravel', path[2] as Point, [pipe.id, fill.id]),
      joint('outlet', 'outlet in the side', spot, [fill.id, side.id], 'tank-outlet'),
    ],
    fill,
    waterLitres: fill.litres * ROOM_IN_GRAVEL,
    linerWideMm,
  };
}
