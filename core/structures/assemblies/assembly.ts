import type { Joint } from '../../design/design';
import { present, type Listed } from '../../design/listed';
import type { Part } from '../../design/shapes/shapes';
import type { Fact } from '../../wording/say';

/**
 * What something put together comes to: its parts and joints, and why there are so many of each.
 * @example { parts: [post], joints: [], reasons: { post: fact('count.posts', { posts: 1 }) } }
 */
export interface Assembled {
  parts: readonly Part[];
  joints: readonly Joint[];
  /** By role of a part or kind of a joint. */
  reasons?: Readonly<Record<string, Fact>>;
}

/**
 * All of several things in their order; of two reasons for one role the later counts.
 * @example together(posts, rails, hasShelf && shelf, { reasons: { post: fact('count.posts') } })
 */
export function together(...made: Listed<Partial<Assembled>>): {
  parts: Part[];
  joints: Joint[];
  reasons: Record<string, Fact>;
} {
  const all = present(made);
  return {
    parts: all.flatMap(({ parts = [] }) => parts),
    joints: all.flatMap(({ joints = [] }) => joints),
    reasons: Object.assign({}, ...all.map(({ reasons = {} }) => reasons)) as Record<string, Fact>,
  };
}
