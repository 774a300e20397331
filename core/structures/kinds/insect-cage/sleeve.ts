/** A net sleeve, flat: as it is cut, and how many lie beside each other on the width of the roll. mm. */
export interface Sleeve {
  /** Round the cage, with its ease and both seams; along the roll. */
  cutMm: number;
  /** From the soil to the tie over the top; across the roll. */
  highMm: number;
  /** What is drawn together over the top. */
  gatherMm: number;
  acrossRoll: number;
}

/** So much looser than the cage, so that it slips over (from memory); a hand to tie over the top. mm. */
const EASE_MM = 50;
const TIED_MM = 100;

/**
 * The pattern of a sleeve: girth + ease + two seams, by height + what goes into the soil + half the width, which
 * meets in the middle over the top, + a hand to tie (geometry of the cylinder).
 * @example sleeveFor({ girthMm: 1067, overMm: 381, tuckMm: 76, seamMm: 19, rollMm: 2100 }).acrossRoll // 2
 */
export function sleeveFor(o: {
  girthMm: number;
  overMm: number;
  tuckMm: number;
  seamMm: number;
  rollMm: number;
}): Sleeve {
  const gatherMm = o.girthMm / (2 * Math.PI) + TIED_MM;
  const highMm = o.tuckMm + o.overMm + gatherMm;
  return {
    cutMm: o.girthMm + EASE_MM + 2 * o.seamMm,
    highMm,
    gatherMm,
    acrossRoll: Math.max(1, Math.floor(o.rollMm / highMm + 1e-6)),
  };
}
