/** How a part stands in the ground. mm. Decision 5. */
export interface Stands {
  aboveMm: number;
  buriedMm: number;
  wantedMm: number;
  /** How much longer it would have to be than the longest on sale; nought where one is long enough. */
  shortMm: number;
  set: 'driven' | 'let in' | 'concrete' | 'pushed' | 'screwed';
}

/** One post as it stands. */
export interface Standing extends Stands {
  id: string;
}
