import type { Doings } from '../building/tools';
import type { RoleTraits } from '../design/traits';
import type { KnotId } from '../joinery/knots';
import type { Phrases } from '../wording/say';

/**
 * What the parts and joints of a kind are called, and what the length of a part measures.
 * @example { parts: { post: { word: 'Post', means: 'bought long, trimmed in place', as: 'body' } }, joints: { 'rail to post': 'Rail to post' } }
 */
export interface Names {
  parts: Readonly<Record<string, { word: string; means: string } & RoleTraits>>;
  /** Of kinds of joints that are not called as they are: "Rail to post". */
  joints: Readonly<Record<string, string>>;
  /** How each joint is made: what bears on what, which way up, how often round. */
  joinery?: Readonly<Record<string, string>>;
  /** The knots a joint is tied with, drawn beside it. */
  knots?: Readonly<Record<string, readonly KnotId[]>>;
}

/**
 * What something that many kinds are built of says of itself, once: what its parts and joints are called, how it is
 * made, its sentences, what its steps are done with. A kind that says something else of it has the last word.
 * @example builtOf: [PANELS_HUNG, BRACED] // their names and sentences come along
 */
export interface Said {
  names?: Partial<Names>;
  phrases?: Phrases;
  doings?: Doings;
}

/** A joint whose making is told is called after its kind, where it has no name of its own: "Rail to post". */
const joinedNames = (said: readonly Said[]): Record<string, string> =>
  Object.fromEntries(
    said
      .flatMap((one) => Object.keys(one.names?.joinery ?? {}))
      .map((kind) => [kind, kind.charAt(0).toUpperCase() + kind.slice(1)]),
  );

/** All that is said of what something is built of, and by itself. */
export function allSaid(said: readonly Said[]): { names: Names; phrases: Phrases; doings: Doings } {
  const merged = <T>(of: (one: Said) => Readonly<Record<string, T>> | undefined): Record<string, T> =>
    Object.assign({}, ...said.map((one) => of(one) ?? {})) as Record<string, T>;
  return {
    names: {
      parts: merged((one) => one.names?.parts),
      joints: { ...joinedNames(said), ...merged((one) => one.names?.joints) },
      joinery: merged((one) => one.names?.joinery),
      knots: merged((one) => one.names?.knots),
    },
    phrases: merged((one) => one.phrases),
    doings: merged((one) => one.doings),
  };
}
