import type { Design } from '../../design/design';
import { inches } from '../../quantity/length';
import type { Bed } from '../../site/bed';

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
export function buriedShare(bed: Pick<Bed, 'soil' | 'wind'>): number {
  return bed.soil === 'sand' || bed.wind === 'exposed' ? 1 / 3 : 1 / 4;
}

/** Depth for a let-in post that stands `aboveMm` out of the ground, to the next whole inch. */
export function letInDepth(aboveMm: number, bed: Pick<Bed, 'soil' | 'wind'>): number {
  const share = buriedShare(bed);
  const asked = Math.max(LET_IN_MM, (aboveMm * share) / (1 - share));
  return inches(Math.ceil(asked / inches(1) - 1e-6));
}

/** By how much the worst of its posts is too short. mm. */
export const shortBy = (design: Pick<Design, 'support'>): number =>
  Math.max(0, ...design.support.posts.map((post) => post.shortMm));

/** The next stock length up, or the longest there is with `enough: false`; null where none is sold. */
export function nextStockUp(neededMm: number, sizesMm: readonly number[]): { mm: number; enough: boolean } | null {
  const long = sizesMm.find((size) => size >= neededMm - 0.5);
  if (long !== undefined) return { mm: long, enough: true };
  const longest = sizesMm.at(-1);
  return longest === undefined ? null : { mm: longest, enough: false };
}
