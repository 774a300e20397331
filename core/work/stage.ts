/** How far a part is, one after the other: no more than planned, to hand, cut, in its place, and fixed there for good. */
export const STAGES = ['planned', 'bought', 'cut', 'stood', 'fixed'] as const;
export type Stage = (typeof STAGES)[number];

/** What somebody said of one part; what is left out was not said. */
export interface SaidOfPart {
  /** Of this very part: it counts before what the list says. */
  bought?: boolean;
  cut?: boolean;
  stood?: boolean;
  /** The day on which the step that adds it was done. */
  builtOn?: string;
}
