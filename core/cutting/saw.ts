/** A hand-held circular saw: what its blade takes, and from the edge of its shoe to the near side of the blade. mm. */
export interface Saw {
  kerfMm: number;
  shoeOffsetMm: number;
}

/** A saw takes ⅛″ (3 mm) at every cut: common practice, no source. mm. */
export const KERF_MM = 3.175;
/** Until it is measured: 1½″ of shoe on the narrow side of the blade is from memory and differs between saws. mm. */
export const USUAL_SAW: Saw = { kerfMm: KERF_MM, shoeOffsetMm: 38.1 };
