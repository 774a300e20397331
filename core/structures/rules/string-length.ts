/**
 * What a string to a plant is cut to: the drop, wraps up the stem (about 15–25 % of the drop), knots
 * and slack at the foot (common practice, no source), and what goes through a drilled beam. mm. Decision 32.
 */
export const stringLength = (o: {
  dropMm: number;
  wrapsPercent: number;
  knotsMm: number;
  slackMm: number;
  throughMm?: number;
}): number => o.dropMm * (1 + o.wrapsPercent / 100) + o.knotsMm + o.slackMm + (o.throughMm ?? 0);

/** The girth of a round or square post, that cord goes round. mm. */
export const girthOf = (post: { round: boolean; faceMm: number }): number => (post.round ? Math.PI : 4) * post.faceMm;
