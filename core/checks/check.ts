import type { Fact, FactValue, Phrases } from '../wording/say';

/** @example 'warn' // it can be built, and somebody should look at it first */
export type Level = 'good' | 'note' | 'warn' | 'fail';

/**
 * What one check found, with its own sentence. `told.code` also names the mend, where the kind has one. Decision 28.
 * @example { check: 'post-depth', level: 'fail', told: fact('depth.shallow', { has: { mm: 300 } }), mends: 'Set the posts deeper' }
 */
export interface Verdict {
  check: string;
  level: Level;
  told: Fact;
  /** What the button that mends it says; imperative and short. */
  mends?: string;
  /** What it worked out that is not looked at elsewhere: then it is not said to be left out. */
  reckons?: 'wind' | 'load';
  /** The crop cannot live on this kind, whatever its knobs: another kind is wanted. */
  unfit?: true;
}

interface Words<S extends Phrases> {
  says: S;
  reckons?: 'wind' | 'load';
  /** Codes that say the crop wants another kind. */
  unfit?: readonly (keyof S)[];
  mends?: { readonly [C in keyof S]?: string };
}

/** States a finding; a code without a sentence is a type error. */
export type Found<S extends Phrases> = (
  level: Level,
  code: keyof S & string,
  values?: Record<string, FactValue>,
) => Verdict;

/**
 * A check with its words: it looks at facts of its own type and says one thing of them, or nothing where
 * they do not apply. A kind calls those that concern it.
 * @example check('braced', { says: { 'brace.none': 'It leans.' } }, (at: { braces: number }, found) => …)
 */
export function check<F, const S extends Phrases>(
  id: string,
  words: Words<S>,
  look: (at: F, found: Found<S>) => Verdict | null,
): (at: F) => Verdict | null {
  const found: Found<S> = (level, code, values = {}) => {
    const says = words.says[code];
    if (says === undefined)
      throw new Error(`No sentence for "${code}" in the check "${id}": write it beside its facts.`);
    const mends = words.mends?.[code];
    return {
      check: id,
      level,
      told: { code, values, says },
      ...(mends ? { mends } : {}),
      ...(words.reckons ? { reckons: words.reckons } : {}),
      ...(words.unfit?.includes(code) ? { unfit: true } : {}),
    };
  };
  return (at) => look(at, found);
}

/** The smaller, the sooner it has to be looked at. */
export const URGENCY: Record<Level, number> = { fail: 0, warn: 1, note: 2, good: 3 };

/** What has to be looked at before it is built. */
export const isUrgent = ({ level }: Pick<Verdict, 'level'>): boolean => level === 'fail' || level === 'warn';

/** What was found, the most urgent first; of equals, in the order they were asked. */
export const byUrgency = <V extends Verdict>(found: readonly (V | null)[]): V[] =>
  found.flatMap((one): V[] => (one ? [one] : [])).sort((a, b) => URGENCY[a.level] - URGENCY[b.level]);

/** Half a millimetre: less is not seen on a tape. */
export const SEEN_MM = 0.5;
