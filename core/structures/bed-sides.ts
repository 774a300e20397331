// Written by `npm run kinds` from the folders of kinds/.

/** Kinds that are the sides of a bed, and decide how high and how large it is: known before any kind is fetched. */
export const BED_SIDES: ReadonlySet<string> = new Set(['raised-bed']);
