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

/**
 * A raised bed is filled with loose soil: half of the least depth of a post has to be in the ground
 * below it (from memory). mm.
 */
export const leastBelowBed = (leastMm: number): number => leastMm / 2;
