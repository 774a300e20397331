import { dot, type Point } from '../geometry/space';
import type { ViewFrame } from './design';

const SLANT = Math.SQRT1_2 / 2;

/** @example FROM_ABOVE([300, 20, 1800]) // [300, 20] */
export type Projection = (point: Point) => readonly [right: number, up: number];

/** How a view of a design is laid on the paper: square to what is right and what is up in it. */
export const projectionOf = ({ right, up, origin }: Pick<ViewFrame, 'right' | 'up' | 'origin'>): Projection => {
  const [left, low] = [dot(origin, right), dot(origin, up)];
  return (point) => [dot(point, right) - left, dot(point, up) - low];
};

/** From above, along and across. */
export const FROM_ABOVE: Projection = ([x, y]) => [x, y];
/** A slanting view (cabinet projection: depth at 45°, halved) that shows the whole at once. */
export const SLANTING: Projection = ([x, y, z]) => [x + y * SLANT, z + y * SLANT];
