const SLACK_MM = 0.5;

/**
 * Fewest equal bays, none wider than the limit, between posts that have to stand at given places.
 * Returns every post's distance, ascending. mm. Decision 10.
 */
export function equalBays(fixedMm: readonly number[], mostMm: number): number[] {
  return fixedMm.flatMap((from, i) => {
    const to = fixedMm[i + 1];
    if (to === undefined) return [from];
    const bays = baysIn(to - from, mostMm);
    return Array.from({ length: bays }, (_, n) => from + ((to - from) * n) / bays);
  });
}

/** The narrowest of the bays between posts, centre to centre. mm. */
export const narrowestBay = (postsAtMm: readonly number[]): number =>
  Math.min(...postsAtMm.slice(1).map((at, i) => at - (postsAtMm[i] as number)));

/** The widest of the bays between posts. mm. */
export const widestBay = (postsAtMm: readonly number[]): number =>
  Math.max(...postsAtMm.slice(1).map((at, i) => at - (postsAtMm[i] as number)));

export const baysIn = (lengthMm: number, mostMm: number): number =>
  Math.max(1, Math.ceil((lengthMm - SLACK_MM) / mostMm));

/**
 * Where to put the shared post of each overlap (any of its candidate places) so that the whole run
 * takes the fewest posts, and among those the most even bays. Exact, by dynamic programming.
 */
export function fewestPosts(
  startMm: number,
  overlaps: readonly (readonly number[])[],
  endMm: number,
  mostMm: number,
): number[] {
  interface Trail {
    at: number;
    bays: number;
    widest: number;
    before: Trail | null;
  }
  let trails: Trail[] = [{ at: startMm, bays: 0, widest: 0, before: null }];
  for (const candidates of [...overlaps, [endMm]]) {
    trails = candidates.map((at) => {
      const reached = trails.map((before): Trail => {
        const bays = baysIn(at - before.at, mostMm);
        return { at, bays: before.bays + bays, widest: Math.max(before.widest, (at - before.at) / bays), before };
      });
      return reached.reduce((best, one) =>
        one.bays < best.bays || (one.bays === best.bays && one.widest < best.widest - 1e-6) ? one : best,
      );
    });
  }
  const fixed: number[] = [];
  for (let trail: Trail | null = trails[0] ?? null; trail; trail = trail.before) fixed.unshift(trail.at);
  return equalBays(fixed, mostMm);
}
