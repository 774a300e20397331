import type { Planted } from '../crops/planted';
import type { Station } from '../design/design';
import { shapeOf } from '../design/shapes/shapes';
import { lengthOf, pointAt, tangentAt } from '../geometry/curve';
import { add, dot, scale, type Point } from '../geometry/space';
import { LEAVES_REACH_MM } from '../growth/leaves-reach';
import { GRAVITY_MS2 } from '../quantity/measure';
import { alongBar } from './bars';
import { fromBar, fromCord, fromSheet, type HandedTo } from './hand-over';
import type { Model } from './parts-in';

/** A piece of a plant: how high it begins to be there, what it shows to the wind when it is in full leaf, what it weighs then, and who carries it. */
export interface Slice {
  planting: string;
  /** Share of the height that is held at which it begins. */
  from: number;
  /** What of its leaves faces a wind that blows some way: plants in a row stand behind each other along it. */
  mm2: (way: Point) => number;
  heavyN: number;
  to: readonly HandedTo[];
}

/** A plant is looked at in so many pieces. */
export const SLICES = 5;
/** What is farther off than this does not hold a plant (from memory). mm. */
const HOLDS_WITHIN_MM = 600;
/** What of its weight and of the wind on it a plant that stands by itself leans on its support with (from memory). */
const LEANS = { bush: 0.3, none: 0 } as const;
/** Who holds a plant at a place: the nearest of sheets, cords and bars. */
function holderOf(model: Model, at: Point): readonly HandedTo[] | null {
  let [least, best]: [number, (() => HandedTo[]) | null] = [HOLDS_WITHIN_MM, null];
  for (const one of model.sheets) {
    const away = shapeOf(one.part).distanceTo(one.part, at);
    if (away < least) [least, best] = [away, () => fromSheet(one.fixed, at)];
  }
  for (const one of model.cords) {
    const away = shapeOf(one.part).distanceTo(one.part, at);
    if (away < least) [least, best] = [away, () => fromCord(one, at)];
  }
  for (const one of model.bars) {
    const away = shapeOf(one.part).distanceTo(one.part, at);
    // A post beside a mesh is not what it climbs: twice as near before it is.
    if (away * 2 < least) {
      [least, best] = [away * 2, () => fromBar(one, model.frame.nodes, alongBar(one.part, at))];
    }
  }
  return best?.() ?? null;
}

/** Along its row a row shows so much of what it shows across (from memory). */
const END_ON = 0.3;
/** Of two rows the one behind has half of the wind (from memory): both have three quarters, whichever way it blows. */
const TWO_ROWS = 0.75;
const inTwoRows = (plant: Station, all: readonly Station[]): boolean =>
  (plant.side === 'front' && all.some(({ side }) => side === 'back')) ||
  (plant.side === 'back' && all.some(({ side }) => side === 'front'));
const facing =
  (plant: Station, stem: Point, mm2: number): ((way: Point) => number) =>
  (way) => {
    const seen = Math.sqrt(Math.max(0, 1 - dot(stem, way) ** 2));
    return plant.side === 'round' || plant.side === 'pocket'
      ? mm2 * seen
      : mm2 * seen * (Math.abs(way[1]) + END_ON * Math.abs(way[0]));
  };

/** How wide the leaves of a plant are to the wind: its own room in the row; of a ring the front and the back half, told by its girth. mm. */
function widthOf(plant: Station, all: readonly Station[]): number {
  const own = Math.min(plant.spacingMm, LEAVES_REACH_MM) * (inTwoRows(plant, all) ? TWO_ROWS : 1);
  if (plant.side !== 'round') return own;
  const ring = all.filter(({ side, planting }) => side === 'round' && planting === plant.planting);
  const middle = scale(
    ring.reduce<Point>((sum, { at }) => add(sum, at), [0, 0, 0]),
    1 / ring.length,
  );
  const girth = 2 * Math.PI * Math.max(...ring.map(({ at }) => Math.hypot(at[0] - middle[0], at[1] - middle[1])));
  return ring.length < 3 ? own : (Math.min(own, girth / ring.length) * 2) / Math.PI;
}

/** A plant in pieces, from its foot up, each handed to what holds it there; none of what holds itself. */
export function slicesOf(model: Model, plant: Station, all: readonly Station[], planted: readonly Planted[]): Slice[] {
  const crop = planted.find(({ id }) => id === plant.planting)?.crop;
  if (!crop) return [];
  const share = crop.habit === 'bush' || crop.habit === 'none' ? LEANS[crop.habit] : 1;
  if (share === 0) return [];
  const wide = widthOf(plant, all);
  const high = Math.min(plant.heldToMm, lengthOf(plant.stem));
  return Array.from({ length: SLICES }, (_, i) => i).flatMap((i): Slice[] => {
    const at = pointAt(plant.stem, ((i + 0.5) * high) / SLICES);
    // What is lower than its support begins holds itself.
    if (((i + 1) * high) / SLICES < Math.min(crop.supportFromMm, high / 2)) return [];
    const to = holderOf(model, at);
    return to
      ? [
          {
            planting: plant.planting,
            from: i / SLICES,
            mm2: facing(plant, tangentAt(plant.stem, ((i + 0.5) * high) / SLICES), (share * wide * high) / SLICES),
            heavyN: (share * crop.wetKg * GRAVITY_MS2) / SLICES,
            to,
          },
        ]
      : [];
  });
}

/** What a slice of a plant is by now, as a share of all it will be: it grows into it from below, then fills with leaves and fruit. */
export const thereNow = (from: number, grown: { height: number }): number =>
  Math.max(0, Math.min(1, (grown.height - from) * SLICES));
