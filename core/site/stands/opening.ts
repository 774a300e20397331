import type { Frame } from '../frame';

/** What wants to stand in a structure's run: where its middle is, and how wide a gap it asks for. mm. */
export interface Guest {
  id: string;
  atMm: number;
  wideMm: number;
}

/** The gap that a run leaves for a guest, between the faces of two of its posts. mm. */
export interface Opening {
  guest: string;
  /** Posts of the run on either side; none where the gap finds no room. */
  posts: readonly string[];
  /** The numbers of those in the drawings of the run. */
  numbers: readonly number[];
  /** The soil in its middle, turned along the run. */
  at: Frame;
  clearMm: number;
  /** The faces of its posts across the run, the outer and the inner: out is negative. */
  facesMm: readonly [outer: number, inner: number];
  /** The straight length that was there for it. */
  roomMm: number;
  /** The soil at the first post and at the second, over the soil in the middle. */
  soilMm: readonly [number, number];
  /** How high the run stands over the higher of the two. */
  aboveMm: number;
  filling:
    | { with: 'mesh'; stock: string; low: string | null; looseTopMm: number }
    | { with: 'boards'; section: string; gapMm: number };
}
