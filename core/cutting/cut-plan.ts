/** A piece wanted, of some measure: mm for bars, whole meshes for panels. */
export interface Wanted {
  part: string;
  structure: string;
  measure: number;
}

/** Something to cut from: a size on sale at a price, or a leftover. */
export interface Offer {
  measure: number;
  minor: number;
}

export interface CutPiece extends Wanted {
  /** Where the piece starts, from the end the tape is hooked on. */
  at: number;
}

/** One bar or panel and what is cut from it, in order from the hooked end. */
export interface Layout {
  /** Chalked on the piece: "A", "B"… so that its offcut can be named. */
  name: string;
  from: 'shop' | 'shed';
  measure: number;
  cuts: readonly CutPiece[];
  /** Left at the far end, fit to be used again; 0 when the last cut was flush. */
  offcut: number;
}

export interface CutPlan {
  layouts: readonly Layout[];
  /** Wanted pieces longer than anything on sale or in the shed. */
  unplaced: readonly Wanted[];
  costMinor: number;
  /** No plan can cost less than this; equal to the cost when the plan is proved best. */
  boundMinor: number;
  method: 'first fit, longest first';
}

/** A, B, … Z, AA, AB… */
export function layoutName(index: number): string {
  const letter = String.fromCharCode(65 + (index % 26));
  return index < 26 ? letter : layoutName(Math.floor(index / 26) - 1) + letter;
}
