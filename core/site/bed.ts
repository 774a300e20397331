import type { Soil, Wind } from './soil';
import { SOIL, takesPosts, type Underfoot } from './underfoot';
import { areaOf, distanceToStretch, inside, type Pair } from '../geometry/polygon';
import { onPlan, type Placed, type PlanSpot } from './plot';

/** The ground a structure stands on, as the gardener measured it, and where it lies on the plot. mm. Decision 12. */
export interface Bed extends Placed {
  id: string;
  name: string;
  lengthMm: number;
  widthMm: number;
  /** Height of its soil over the paths; 0 for open ground. */
  heightMm: number;
  /** What a raised bed is filled with: loose as it was filled, or settled over some seasons. */
  fill: Fill;
  outline: BedOutline;
  /** Where one can stand: along both long sides, or only the front because the back is against something. */
  standFrom: 'both sides' | 'front only';
  /** How much higher the far end is than the near end, by two readings; may be negative. */
  riseMm: number;
  soil: Soil;
  wind: Wind;
  /** What is said to have grown here before anything of it was planted in the plan: families, by the season. */
  grew: readonly { year: number; family: string }[];
  note: string;
  /** What is under it, where that is no soil: paving, a deck, a balcony. */
  underfoot?: Underfoot;
  /** That its sides are of hollow blocks: known where sides are planned, and never kept. */
  hollow?: true;
}

/**
 * What a bed is seen from above, inside its length and width: all of it, an oval, a polygon of equal sides drawn out to
 * both, its front one of them, or all but a notch cut into its front to
 * stand in: into the middle (a keyhole; where the notch is wide, a U) or at its far end (an L).
 */
export type BedOutline =
  | { shape: 'rectangle' }
  | { shape: 'round' }
  | { shape: 'polygon'; corners: number }
  | { shape: 'keyhole'; notchLongMm: number; notchDeepMm: number }
  | { shape: 'corner'; notchLongMm: number; notchDeepMm: number };

export const FILLS = ['loose', 'settled'] as const;
export type Fill = (typeof FILLS)[number];

export const STANDING = ['both sides', 'front only'] as const;

/** How far a person picks comfortably from where they stand, to begin with: 18″ (common practice, no source). mm. */
export const ARM_MM = 457.2;

const ROUND_CORNERS = 32;
/** How many corners a bed of equal sides has: more of them are round (from memory). */
export const CORNERS = { min: 5, max: 8 } as const;

/** Whether a bed narrows to its ends, so that a row is the shorter the farther it is from the middle. */
export const narrows = ({ outline }: Pick<Bed, 'outline'>): boolean =>
  outline.shape === 'round' || outline.shape === 'polygon';

/** What is under a bed. */
export const underOf = ({ underfoot }: Pick<Bed, 'underfoot'>): Underfoot => underfoot ?? SOIL;
/** Whether nothing can be let in under it. Decision 57. @example isOnFloor({ underfoot: { is: 'paving' } }) // true */
export const isOnFloor = (bed: Pick<Bed, 'underfoot'>): boolean => !takesPosts(underOf(bed));

/** What is cut out of a bed: from where to where along it, and how deep into it from its front. mm. */
export interface Notch {
  shape: 'keyhole' | 'corner';
  fromMm: number;
  toMm: number;
  deepMm: number;
}

/** What is cut into the front of a bed to stand in; null of a bed that is whole. @example notchOf(keyhole)?.deepMm // 1200 */
export function notchOf({ lengthMm, widthMm, outline }: Pick<Bed, 'lengthMm' | 'widthMm' | 'outline'>): Notch | null {
  if (outline.shape !== 'keyhole' && outline.shape !== 'corner') return null;
  const { shape } = outline;
  const longMm = Math.min(outline.notchLongMm, lengthMm);
  const toMm = shape === 'corner' ? lengthMm : (lengthMm + longMm) / 2;
  return { shape, fromMm: toMm - longMm, toMm, deepMm: Math.min(outline.notchDeepMm, widthMm) };
}

/** A bed's outline in its own frame: along and across from its middle, counter-clockwise from its near end's front. mm. */
export function bedOutline(bed: Pick<Bed, 'lengthMm' | 'widthMm' | 'outline'>): Pair[] {
  const [l, w] = [bed.lengthMm / 2, bed.widthMm / 2];
  const { outline } = bed;
  if (outline.shape === 'round')
    return Array.from({ length: ROUND_CORNERS }, (_, i): Pair => {
      const at = (2 * Math.PI * i) / ROUND_CORNERS;
      return [l * Math.cos(at), w * Math.sin(at)];
    });
  if (outline.shape === 'polygon') return polygonIn(l, w, outline.corners);
  const notch = notchOf(bed);
  if (notch) {
    const [from, to, deep] = [notch.fromMm - l, notch.toMm - l, notch.deepMm - w];
    return [
      [-l, -w],
      [from, -w],
      [from, deep],
      [to, deep],
      // At the far end nothing is left of the front beyond it.
      ...(notch.shape === 'corner'
        ? []
        : ([
            [to, -w],
            [l, -w],
          ] as const)),
      [l, w],
      [-l, w],
    ];
  }
  return [
    [-l, -w],
    [l, -w],
    [l, w],
    [-l, w],
  ];
}

/** A regular polygon with a side to the front, drawn out to twice as much both ways. mm. */
function polygonIn(l: number, w: number, corners: number): Pair[] {
  const spots = Array.from({ length: corners }, (_, i): Pair => {
    const at = -Math.PI / 2 - Math.PI / corners + (2 * Math.PI * i) / corners;
    return [Math.cos(at), Math.sin(at)];
  });
  const [xs, ys] = [spots.map(([x]) => x), spots.map(([, y]) => y)];
  const over = (at: number, all: readonly number[], half: number): number => {
    const [low, high] = [Math.min(...all), Math.max(...all)];
    return half * ((2 * (at - low)) / (high - low) - 1);
  };
  return spots.map(([x, y]): Pair => [over(x, xs, l), over(y, ys, w)]);
}

/** A stretch of bed with straight sides: from its near end, and from its front. mm. */
export interface Room {
  fromMm: number;
  lengthMm: number;
  frontMm: number;
  widthMm: number;
}

/**
 * Where on a bed something as straight as a row or a box stands with all of itself: the whole of a rectangle, what is
 * behind a notch, and in an oval along its middle as long as there is room for something so wide; the
 * widest is the largest rectangle that an oval holds, 1/√2 of it both ways.
 * @example roomOf({ ...bed, lengthMm: 4000, widthMm: 1000, outline: { shape: 'round' } }, 600).lengthMm // 3200
 */
export function roomOf(bed: Pick<Bed, 'lengthMm' | 'widthMm' | 'outline'>, wideMm = Infinity): Room {
  const { lengthMm, widthMm, outline } = bed;
  const notch = notchOf(bed);
  if (notch) return { fromMm: 0, lengthMm, frontMm: notch.deepMm, widthMm: widthMm - notch.deepMm };
  if (outline.shape === 'rectangle') return { fromMm: 0, lengthMm, frontMm: 0, widthMm };
  if (outline.shape === 'polygon') return roomInPolygon(bed, wideMm);
  const wide = Math.min(wideMm, widthMm * Math.SQRT1_2);
  const long = lengthMm * Math.sqrt(1 - (wide / widthMm) ** 2);
  return { fromMm: (lengthMm - long) / 2, lengthMm: long, frontMm: (widthMm - wide) / 2, widthMm: wide };
}

/** Bands and widths that are tried in a polygon (from memory). */
const TRIED = 24;

/** What is found of a bed, by how wide it is to be: a bed never changes in place, and every knob that fits into it asks. */
const roomsFound = new WeakMap<object, Map<number, Room>>();

/** The longest rectangle so wide, or where that is not said the largest, that a polygon holds with its long side along the bed; found on a grid. mm. */
function roomInPolygon(bed: Pick<Bed, 'lengthMm' | 'widthMm' | 'outline'>, wideMm: number): Room {
  const found = roomsFound.get(bed) ?? new Map<number, Room>();
  roomsFound.set(bed, found);
  const known = found.get(wideMm);
  if (known) return known;
  const outline = bedOutline(bed);
  const { lengthMm, widthMm } = bed;
  /** How long it is so far from its front, either way from the middle: it is as long to both sides. */
  const halfAt = (frontMm: number): number => {
    const y = Math.max(-widthMm / 2, Math.min(widthMm / 2, frontMm - widthMm / 2));
    let half = 0;
    for (let i = 0; i < outline.length; i++) {
      const [[ax, ay], [bx, by]] = [outline[i] as Pair, outline[(i + 1) % outline.length] as Pair];
      if ((y - ay) * (y - by) <= 0 && ay !== by)
        half = Math.max(half, Math.abs(ax + ((bx - ax) * (y - ay)) / (by - ay)));
      else if (Math.abs(y - ay) < 1e-9) half = Math.max(half, Math.abs(ax));
    }
    return half;
  };
  const bandAt = (wide: number, i: number): Room => {
    const frontMm = ((widthMm - wide) * i) / TRIED;
    const half = Math.min(halfAt(frontMm), halfAt(frontMm + wide));
    return { fromMm: lengthMm / 2 - half, lengthMm: 2 * half, frontMm, widthMm: wide };
  };
  // Of bands as long as each other, and there may be many, the one nearest to the middle is taken: that is tried first.
  const fromTheMiddle = Array.from({ length: TRIED + 1 }, (_, i) => i).toSorted(
    (a, b) => Math.abs(a - TRIED / 2) - Math.abs(b - TRIED / 2),
  );
  const larger = (a: Room, b: Room): Room => (b.lengthMm * b.widthMm > a.lengthMm * a.widthMm + 1 ? b : a);
  const widest = (wide: number): Room => fromTheMiddle.map((i) => bandAt(wide, i)).reduce(larger);
  const largest = Array.from({ length: TRIED }, (_, i) => widest((widthMm * (i + 1)) / (TRIED + 1))).reduce(larger);
  const room = wideMm < largest.widthMm ? widest(wideMm) : largest;
  found.set(wideMm, room);
  return room;
}

/** The area of a bed, seen from above. mm². */
export const bedArea = (bed: Pick<Bed, 'lengthMm' | 'widthMm' | 'outline'>): number => areaOf(bedOutline(bed));

/** A bed's outline on the plot. */
export const bedOnPlot = (bed: Bed): PlanSpot[] => bedOutline(bed).map(([along, across]) => onPlan(bed, along, across));

/**
 * How far the farthest soil of a bed is from where one can stand, and where that is, in the bed's own
 * frame; looked for on a grid. Where one can stand is all round it, or along its front and in its notch. mm.
 */
export function farthestSoil(bed: Bed): { mm: number; at: Pair } {
  const outline = bedOutline(bed);
  const back = bed.widthMm / 2;
  const sides = outline
    .map((from, i) => [from, outline[(i + 1) % outline.length] as Pair] as const)
    .filter(([a, b]) => bed.standFrom === 'both sides' || !(a[1] > back - 1 && b[1] > back - 1))
    // A long rectangle is picked from its long sides; its ends need not be free.
    .filter(([a, b]) => narrows(bed) || Math.abs(a[0] - b[0]) > 1 || Math.abs(a[0]) < bed.lengthMm / 2 - 1);
  const steps = 24;
  let farthest: { mm: number; at: Pair } = { mm: 0, at: [0, 0] };
  for (let i = 0; i <= steps; i++)
    for (let j = 0; j <= steps; j++) {
      const at: Pair = [(i / steps - 0.5) * bed.lengthMm * 0.999, (j / steps - 0.5) * bed.widthMm];
      if (Math.abs(at[1]) < back * 0.999 && !inside(at, outline)) continue;
      const mm = Math.min(...sides.map(([a, b]) => distanceToStretch(at, a, b)));
      if (mm > farthest.mm + 1e-6) farthest = { mm, at };
    }
  return farthest;
}

/** How far a row is from where one can stand to pick it; negative outside the bed. `acrossMm` is from its middle, the back being positive. mm. @example toPick({ widthMm: 1200, standFrom: 'both sides' }, 0) // 600 */
export const toPick = ({ widthMm, standFrom }: Pick<Bed, 'widthMm' | 'standFrom'>, acrossMm: number): number => {
  const [front, back] = [widthMm / 2 + acrossMm, widthMm / 2 - acrossMm];
  return standFrom === 'both sides' || back < 0 ? Math.min(front, back) : front;
};

/** The strip of a bed that cannot be reached from where one may stand: how wide, and its middle across the bed; null when all can be, or where the bed is no rectangle. */
export function outOfReach(
  bed: { widthMm: number; standFrom: string; outline: BedOutline },
  armMm: number,
): { wideMm: number; acrossMm: number } | null {
  if (bed.outline.shape !== 'rectangle') return null;
  if (bed.standFrom === 'front only')
    return bed.widthMm > armMm + 0.5 ? { wideMm: bed.widthMm - armMm, acrossMm: armMm / 2 } : null;
  return bed.widthMm > 2 * armMm + 0.5 ? { wideMm: bed.widthMm - 2 * armMm, acrossMm: 0 } : null;
}
