/** A point of a frame: along it, and up it. mm. */
export type OnFace = readonly [along: number, up: number];

/** Nearer to a corner than this a nail splits the joint (from memory). mm. */
const CORNER_MM = 15;

/**
 * Nails along one side, between the two members that bound it. The two schools: equalised, at the interval
 * nearest to the one asked for that divides the side; or exactly as asked, with what is left over shared
 * between the two ends. mm.
 * @example nailsAlong(863, 38, 127, 'exact') // seven, 31.5 mm left at either end
 */
export function nailsAlong(
  sideMm: number,
  memberMm: number,
  askedMm: number,
  school: 'equal' | 'exact' = 'equal',
): { stepMm: number; atMm: number[] } {
  const usable = sideMm - memberMm;
  if (school === 'exact') {
    const steps = Math.max(1, Math.floor(usable / askedMm + 1e-9));
    const rest = Math.max(0, usable - steps * askedMm) / 2;
    const corners = rest < CORNER_MM ? 1 : 0;
    const count = Math.max(1, steps + 1 - 2 * corners);
    const first = (usable - (count - 1) * askedMm) / 2;
    return { stepMm: askedMm, atMm: Array.from({ length: count }, (_, i) => memberMm / 2 + first + i * askedMm) };
  }
  const count = Math.max(2, Math.round(usable / askedMm));
  const stepMm = usable / count;
  return { stepMm, atMm: Array.from({ length: count - 1 }, (_, i) => memberMm / 2 + (i + 1) * stepMm) };
}

/**
 * The thread's way from nail to nail in one direction: across to the far nail, on to its neighbour,
 * and back, like a furrow. `acrossMm` are the nails along the side it turns at; it runs between
 * `fromMm` and `toMm`.
 */
export function furrow(acrossMm: readonly number[], fromMm: number, toMm: number, upward: boolean): OnFace[] {
  return acrossMm.flatMap((at, i): OnFace[] => {
    const [a, b] = i % 2 === 0 ? [fromMm, toMm] : [toMm, fromMm];
    return upward
      ? [
          [at, a],
          [at, b],
        ]
      : [
          [a, at],
          [b, at],
        ];
  });
}
