/**
 * A stretch along a member that is taken: a post top, a brace, a screw. mm.
 * @example takenBy(1200, 20) // from 1180 to 1220 mm
 */
export interface TakenStretch {
  fromMm: number;
  toMm: number;
}

/** Least wood between an eye or a hole and what it must not meet: ½″ (from memory). mm. */
export const CLEAR_MM = 12.7;

/** Stretches about fixings, with the clear wood a hole needs beside them. */
export const takenBy = (atMm: number, halfMm: number): TakenStretch => ({
  fromMm: atMm - halfMm - CLEAR_MM,
  toMm: atMm + halfMm + CLEAR_MM,
});

/**
 * The place nearest to the wanted one, within the member, that meets nothing. `clear` is false where
 * there is none: then the wanted place comes back. mm.
 */
export function nearestClear(
  wantedMm: number,
  taken: readonly TakenStretch[],
  fromMm: number,
  toMm: number,
): { atMm: number; clear: boolean } {
  const within = Math.min(toMm, Math.max(fromMm, wantedMm));
  const free = (at: number): boolean =>
    at >= fromMm - 1e-6 && at <= toMm + 1e-6 && !taken.some((one) => at > one.fromMm + 1e-6 && at < one.toMm - 1e-6);
  const edges = [within, ...taken.flatMap((one) => [one.fromMm, one.toMm])].filter(free);
  if (edges.length === 0) return { atMm: within, clear: false };
  return {
    atMm: edges.reduce((best, at) => (Math.abs(at - within) < Math.abs(best - within) ? at : best)),
    clear: true,
  };
}
