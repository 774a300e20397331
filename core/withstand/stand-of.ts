/** What uses more than this of what it may holds, and is watched (from memory). */
export const WATCHED_FROM = 0.8;
export type Stand = 'holds' | 'watch' | 'fails';
export const standOf = (share: number): Stand => (share > 1 ? 'fails' : share > WATCHED_FROM ? 'watch' : 'holds');

/** Whether the strength of a kind is worked out: not of the sides of a bed, nor of what somebody else has built. */
export const isWeighed = ({ purpose, isThere }: { purpose: string; isThere: boolean }): boolean =>
  purpose !== 'bed' && !isThere;
