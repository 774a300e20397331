/** A point of a frame: along it, and up it. mm. */
export type Spot = readonly [along: number, up: number];

/** Nails along one side, between the two members that bound it: the interval nearest to the one asked for that divides the side. mm. */
export function nailsAlong(sideMm: number, memberMm: number, askedMm: number): { stepMm: number; atMm: number[] } {
  const usable = sideMm - memberMm;
  const count = Math.max(2, Math.round(usable / askedMm));
  const stepMm = usable / count;
  return { stepMm, atMm: Array.from({ length: count - 1 }, (_, i) => memberMm / 2 + (i + 1) * stepMm) };
}

/**
 * The thread's way from nail to nail in one direction: across to the far nail, on to its neighbour,
 * and back, like a furrow. `acrossMm` are the nails along the side it turns at; it runs between
 * `fromMm` and `toMm`.
 */
export function furrow(acrossMm: readonly number[], fromMm: number, toMm: number, upward: boolean): Spot[] {
  return acrossMm.flatMap((at, i): Spot[] => {
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
