/** A stretch of beam or rail between the posts its ends rest on, by a tape along the row. mm. */
export interface Stretch {
  fromMm: number;
  toMm: number;
}

/**
 * Divides a beam or rail into pieces that end over posts, each over as many bays as the longest stock
 * length allows; `firstBays` makes the first one shorter and `laterBays` all others, so that joints of
 * neighbouring rails are staggered. The outermost ends are flush with the outside faces of the end posts, inner ones lie
 * on post centres.
 */
export function piecesOverPosts(
  postsAtMm: readonly number[],
  postWideMm: number,
  longestStockMm: number,
  firstBays = Infinity,
  laterBays = Infinity,
): Stretch[] {
  const ends = postsAtMm.map((at, i) =>
    i === 0 ? at - postWideMm / 2 : i === postsAtMm.length - 1 ? at + postWideMm / 2 : at,
  );
  const pieces: Stretch[] = [];
  let from = 0;
  while (from < ends.length - 1) {
    let to = from + 1;
    while (
      to + 1 < ends.length &&
      to - from < (pieces.length > 0 ? laterBays : firstBays) &&
      (ends[to + 1] as number) - (ends[from] as number) <= longestStockMm + 0.5
    )
      to++;
    pieces.push({ fromMm: ends[from] as number, toMm: ends[to] as number });
    from = to;
  }
  return pieces;
}

/** Most bays that one piece of stock covers. */
export const baysAPiece = (postsAtMm: readonly number[], postWideMm: number, longestStockMm: number): number =>
  Math.max(
    ...piecesOverPosts(postsAtMm, postWideMm, longestStockMm).map(
      (piece) => postsAtMm.filter((at) => at > piece.fromMm + postWideMm && at <= piece.toMm + 1).length,
    ),
  );

export const liesOver = (piece: Stretch, atMm: number): boolean => piece.fromMm <= atMm && atMm <= piece.toMm;
