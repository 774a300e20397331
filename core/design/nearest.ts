import type { Point } from '../geometry/space';
import { boxOf, type Box } from './extent';
import { shapeOf, type Part } from './shapes/shapes';

/** A part of a joint passes at least this close to one of its places. mm. */
const TOUCHES_MM = 40;

/** How far a point lies outside a part: nought inside its section, on its wires' surface or on its line. mm. */
export const distanceTo = (part: Part, point: Point): number => shapeOf(part).distanceTo(part, point);

/**
 * Whether a part comes within so much of a place: most of a structure is told apart by the box about it, without looking
 * for its nearest point. mm.
 * @example comesWithin(post, [0, 0, 900], 40) // true at any height of a post that stands there
 */
export const comesWithin = (part: Part, place: Point, withinMm: number): boolean =>
  fromBox(boxOf(part), place) <= withinMm + ABOUT_BOX_MM && distanceTo(part, place) <= withinMm;

/** Whether a part passes through a place, as nearly as fixings are placed. */
export const touches = (part: Part, place: Point): boolean => comesWithin(part, place, TOUCHES_MM);

/** Wires and poles are drawn by their middle lines: what they are thick lies past the box of those. mm. */
const ABOUT_BOX_MM = 150;

const fromBox = ({ low, high }: Box, place: Point): number =>
  Math.hypot(...place.map((at, axis) => Math.max(0, (low[axis] as number) - at, at - (high[axis] as number))));
