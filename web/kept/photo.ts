/** A photo of a garden, as lists show it: without its picture. */
export interface Photo {
  id: string;
  /** What it is of, by ids; "" for the place, and for all of a structure. */
  structure: string;
  part: string;
  /** The day it was taken: "2027-03-06". */
  takenOn: string;
  note: string;
  /** Who took it; "" where nobody said. */
  person: string;
  widthPx: number;
  heightPx: number;
}

/** So many photos are kept of one garden: with the bounds of each, 90 MB at most. */
export const MOST_PHOTOS = 200;
/**
 * A picture is no longer than this on its long side, and a small one on its: sharp enough to see how a joint is made
 * (from memory). Pixels.
 */
export const LONG_PX = { picture: 1600, small: 320 } as const;
/** And no heavier than this. Bytes. */
export const MOST_BYTES = { picture: 420_000, small: 40_000 } as const;
export type Side = keyof typeof MOST_BYTES;

/** What can be said of a photo afterwards. */
export type PhotoChange = Partial<Pick<Photo, 'structure' | 'part' | 'takenOn' | 'note'>> & { removed?: boolean };

/** Photos day by day, the newest day first, each day's in the order in which they were added. */
export function byDay<Some extends Pick<Photo, 'takenOn'>>(photos: readonly Some[]): [day: string, of: Some[]][] {
  const days = new Map<string, Some[]>();
  for (const photo of photos) days.set(photo.takenOn, [...(days.get(photo.takenOn) ?? []), photo]);
  return [...days].toSorted(([a], [b]) => (a > b ? -1 : 1));
}
