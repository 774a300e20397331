/**
 * How a part stands in the ground. mm. Decision 5.
 * @example { aboveMm: 1829, buriedMm: 610, wantedMm: 610, shortMm: 0, set: 'driven' }
 */
export interface Stands {
  aboveMm: number;
  buriedMm: number;
  wantedMm: number;
  /** How much longer it would have to be than the longest on sale; nought where one is long enough. */
  shortMm: number;
  set: 'driven' | 'let in' | 'concrete' | 'pushed' | 'screwed' | 'shoe' | 'plate';
}

/** One post as it stands. @example design.posts.map(({ id, buriedMm }) => `${id}: ${buriedMm} mm deep`) */
export interface Standing extends Stands {
  id: string;
}

/** Whether a hole is dug for it. */
export const isDug = ({ set }: Pick<Stands, 'set'>): boolean =>
  set === 'let in' || set === 'concrete' || set === 'shoe';
