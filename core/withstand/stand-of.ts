/** What uses more than this of what it may holds, and is watched (from memory). */
export const WATCHED_FROM = 0.8;
export type Stand = 'holds' | 'watch' | 'fails';
export const standOf = (share: number): Stand => (share > 1 ? 'fails' : share > WATCHED_FROM ? 'watch' : 'holds');

/** Past this nobody is helped by a figure: it is told as far too much (from memory). */
export const FAR_TOO_MUCH = 9.99;

/** Whether the strength of a kind is worked out: not of the sides of a bed, nor of what somebody else has built. */
export const isWeighed = ({ purpose, isThere }: { purpose: string; isThere: boolean }): boolean =>
  purpose !== 'bed' && !isThere;

/** How a structure stands: what the wind does to it, and watched where what else it may have to bear is too much for it. */
export function standingOf({
  worst,
  besides,
}: {
  worst: { share: number };
  besides: readonly { share: number }[];
}): Stand {
  const inWind = standOf(worst.share);
  return inWind === 'holds' && besides.some(({ share }) => share > 1) ? 'watch' : inWind;
}
