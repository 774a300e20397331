import type { Bed } from '../site/bed';
import { onPlan, type PlanSpot } from '../site/plot';
import type { Design } from './design';
import { slopeOf } from './space';

/** A structure's own frame (x along the row, y across) on the plot: the row is centred in its bed. */
export function rowOnPlan(design: Design, bed: Bed): (xMm: number, yMm: number) => PlanSpot {
  const half = (design.builtMm * Math.cos(slopeOf(design.ground))) / 2;
  return (xMm, yMm) => onPlan(bed, xMm - half, yMm);
}
