import type { Bed } from '../site/bed';
import { onPlan, type PlanSpot } from '../site/plot';
import type { Design } from './design';
import { outlineOf } from '../geometry/outline';
import { slopeOf } from '../geometry/space';

/** A structure's own frame (x along the row, y across) on the plot: the row is centred in its bed. */
export function rowOnPlan(design: Design, bed: Bed): (xMm: number, yMm: number) => PlanSpot {
  const half = (design.builtMm * Math.cos(slopeOf(design.ground))) / 2;
  return (xMm, yMm) => onPlan(bed, xMm - half, yMm);
}

/** What a structure covers, seen from above: the outline of its bars, in its own frame. mm. */
export function footprintOf(design: Design): (readonly [number, number])[] {
  return outlineOf(
    design.parts.flatMap((part) =>
      part.shape === 'bar' && part.role !== 'cane'
        ? [[part.from[0], part.from[1]] as const, [part.to[0], part.to[1]] as const]
        : [],
    ),
  );
}

/** Where bars go into the ground. */
export const feetOf = (design: Design): (readonly [number, number])[] =>
  design.parts.flatMap((part) =>
    part.shape === 'bar' && part.buriedMm > 0 && part.role !== 'cane' ? [[part.from[0], part.from[1]] as const] : [],
  );
