/** A stretch of beam between the posts its ends rest on, by a tape along the frame. mm. */
export interface BeamPiece {
  fromMm: number;
  toMm: number;
}

/**
 * Divides a beam into pieces that end over posts, each over as many bays as the longest stock
 * length allows. The outermost ends are flush with the outside faces of the end posts.
 */
export function beamPieces(postsAtMm: readonly number[], postWideMm: number, longestStockMm: number): BeamPiece[] {
  const ends = postsAtMm.map((at, i) => (i === 0 ? at - postWideMm / 2 : i === postsAtMm.length - 1 ? at + postWideMm / 2 : at));
  const pieces: BeamPiece[] = [];
  let from = 0;
  while (from < ends.length - 1) {
    let to = from + 1;
    while (to + 1 < ends.length && (ends[to + 1] as number) - (ends[from] as number) <= longestStockMm + 0.5) to++;
    pieces.push({ fromMm: ends[from] as number, toMm: ends[to] as number });
    from = to;
  }
  return pieces;
}

/** Least wood between an eye or a hole and a post or the end of a beam: ½″ (from memory). mm. */
const CLEAR_MM = 12.7;

/**
 * Where an eye can go into the underside of the beam nearest to where the plant stands: not into a
 * post top, and not past the end. mm.
 */
export function eyeNear(wantedMm: number, postsAtMm: readonly number[], postWideMm: number): number {
  const keep = postWideMm / 2 + CLEAR_MM;
  const first = (postsAtMm[0] as number) + keep;
  const last = (postsAtMm[postsAtMm.length - 1] as number) - keep;
  const within = Math.min(last, Math.max(first, wantedMm));
  const blocked = postsAtMm.find((at) => Math.abs(within - at) < keep);
  if (blocked === undefined) return within;
  return within < blocked ? blocked - keep : blocked + keep;
}
