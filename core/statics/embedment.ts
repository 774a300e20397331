import { inches } from '../quantity/length';

/** A driven post is never less deep than 18″ (common practice, no source). mm. */
export const LEAST_DRIVEN_MM = inches(18);
/** Less than this and a studded post is only standing in the soil: 12″ (common practice, no source). mm. */
export const BARE_DRIVEN_MM = inches(12);
/** A light timber upright let into the ground: 2′ of an 8′ length (common practice, no source). mm. */
export const LET_IN_MM = inches(24);

/**
 * Share of the post's whole length that belongs in the ground: a quarter to a third is common
 * practice (no source). Loose soil or an exposed place takes the third; firm and sheltered, the quarter.
 */
export function buriedShare(place: { soil: string; wind: string }): number {
  return place.soil === 'sand' || place.wind === 'exposed' ? 1 / 3 : 1 / 4;
}

/** What a raised bed is filled with, and how high; nought where there is none. mm. */
export interface BedFill {
  mm: number;
  is: 'loose' | 'settled';
}
export const NO_FILL: BedFill = { mm: 0, is: 'settled' };

/**
 * How much of a depth is held firmly: what is in the ground below a bed. Loose fill holds nothing; fill that has
 * settled over some seasons counts half (from memory). mm.
 * @example firmDepth(inches(30), { mm: inches(20), is: 'loose' }) // 10″
 */
export const firmDepth = (buriedMm: number, fill: BedFill): number =>
  Math.max(0, buriedMm - fill.mm) + (fill.is === 'settled' ? Math.min(buriedMm, fill.mm) / 2 : 0);

/**
 * How much of a post has to be in the ground below a bed: all of its least depth under loose fill, so that the anchor
 * plate of a driven one is in firm ground; half of it under what has settled (from memory). mm.
 */
export const leastBelowBed = (leastMm: number, fill: BedFill): number =>
  fill.mm <= 0 ? 0 : fill.is === 'settled' ? leastMm / 2 : leastMm;

/**
 * The depth from the soil of a bed at which a post is held as firmly as one so deep in open ground. mm.
 * @example depthThrough(inches(18), inches(18), { mm: inches(11), is: 'loose' }) // 29″
 */
export const depthThrough = (firmMm: number, leastMm: number, fill: BedFill): number =>
  Math.max(firmMm, fill.mm + leastBelowBed(leastMm, fill), firmMm + (fill.is === 'settled' ? fill.mm / 2 : fill.mm));
