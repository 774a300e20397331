import type { StructureKind } from '../structures/kind';
import type { Phrases } from '../wording/say';

/**
 * Sentences that are the same for all, and beside them (before them, where both say one) those of a kind: put together
 * once a kind, since a sheet asks for them at every line.
 * @example ownPhrases(STEP_PHRASES)(kind)['post.set'] // the kind's own, where it has one
 */
export function ownPhrases(common: Phrases): (kind: Pick<StructureKind, 'phrases'>) => Phrases {
  const known = new WeakMap<object, Phrases>();
  return (kind) => {
    const before = known.get(kind);
    if (before) return before;
    const all = { ...common, ...kind.phrases };
    known.set(kind, all);
    return all;
  };
}
