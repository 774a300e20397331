import type { Bed } from './bed';
import { toFrame } from './frame';
import { cornersOf, type Feature, type FeatureKind } from './plot';

/** What stands upright and can carry something. */
const UPRIGHT = ['wall', 'house', 'fence'] as const satisfies readonly FeatureKind[];

/**
 * What stands behind a bed, near enough that what grows in the bed is trained on it; told in the bed's own terms: along it
 * from its near end, across it from its middle, over its soil. mm.
 * @example { id: 'yard-wall', name: 'Yard wall', kind: 'wall', faceMm: 330, fromMm: 0, toMm: 3048, topMm: 2300 }
 */
export interface WallBehind {
  id: string;
  name: string;
  kind: (typeof UPRIGHT)[number];
  /** Where its face is across the bed. */
  faceMm: number;
  /** The stretch of it that the bed lies before; it may go on past the bed. */
  fromMm: number;
  toMm: number;
  topMm: number;
}

/** A bed is before a wall that is no farther behind it than this: a stride (from memory). mm. */
export const NEAR_WALL_MM = 600;
/** Walls and beds are laid out by eye: so much askew is along it (from memory). mm along the whole bed. */
const ASKEW_MM = 120;
/** Its face may reach over the edge of the bed as it was drawn by so much (from memory). mm. */
const OVER_EDGE_MM = 150;

/** What of some features stands behind a bed, the nearest face of them; null where nothing does. */
export function wallBehind(bed: Bed, features: readonly Feature[]): WallBehind | null {
  const back = bed.widthMm / 2;
  const found = features.flatMap((feature): WallBehind[] => {
    const kind = UPRIGHT.find((one) => one === feature.kind);
    if (!kind) return [];
    const corners = cornersOf(feature, feature.lengthMm, feature.widthMm).map((spot) =>
      toFrame({ ...bed, baseMm: 0 }, spot),
    );
    // The side that faces the bed: the one whose middle is nearest to it.
    const sides = corners.map((from, i) => [from, corners[(i + 1) % corners.length] ?? from] as const);
    const [a, b] = sides.toSorted((one, other) => one[0][1] + one[1][1] - (other[0][1] + other[1][1]))[0] ?? [];
    if (!a || !b) return [];
    const [left, right] = a[0] < b[0] ? [a, b] : [b, a];
    const wide = right[0] - left[0];
    if (wide < 1 || Math.abs((right[1] - left[1]) / wide) * bed.lengthMm > ASKEW_MM) return [];
    // Where it is in the middle of the bed, or nearest to that.
    const middle = Math.min(right[0], Math.max(left[0], 0));
    const faceMm = left[1] + ((right[1] - left[1]) * (middle - left[0])) / wide;
    const [fromMm, toMm] = [left[0] + bed.lengthMm / 2, right[0] + bed.lengthMm / 2];
    if (faceMm < back - OVER_EDGE_MM || faceMm > back + NEAR_WALL_MM || toMm <= 0 || fromMm >= bed.lengthMm) return [];
    const topMm = feature.heightMm - bed.heightMm;
    return [{ id: feature.id, name: feature.name, kind, faceMm, fromMm, toMm, topMm }];
  });
  return found.toSorted((one, other) => one.faceMm - other.faceMm)[0] ?? null;
}
