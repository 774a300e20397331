import type { Point } from '../geometry/space';
import { shapeOf, type Part } from './shapes/shapes';

/** A part of a joint passes at least this close to one of its places. mm. */
const TOUCHES_MM = 40;

/** How far a point lies outside a part: nought inside its section, on its wires' surface or on its line. mm. */
export const distanceTo = (part: Part, point: Point): number => shapeOf(part).distanceTo(part, point);

/** Whether a part passes through a place, as nearly as fixings are placed. */
export const touches = (part: Part, place: Point): boolean => distanceTo(part, place) <= TOUCHES_MM;
