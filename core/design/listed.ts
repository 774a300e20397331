/** A list whose entries may fall away: `when && { … }`. @example [post, isRaised && shelf] */
export type Listed<T> = readonly (T | false | null | undefined)[];

/** What is left of it. @example present([a, more && b]) */
export const present = <T>(list: Listed<T>): T[] => list.filter((one): one is T => Boolean(one));
