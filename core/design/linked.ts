/**
 * Which of some things hang together, as pairs of them are joined one by one.
 * @example linkedBy([['post-1', 'rail-1']]).leaderOf('rail-1') // 'post-1'
 */
export interface Linked {
  same(a: string, b: string): boolean;
  join(a: string, b: string): void;
  /** One thing that stands for all that hang together with it. */
  leaderOf(id: string): string;
}

/**
 * Nothing hangs together but by the pairs that are given, and by those that are joined after.
 * @example linkedBy([['post', 'rail']]).same('post', 'rail') // true
 */
export function linkedBy(pairs: Iterable<readonly [a: string, b: string]> = []): Linked {
  const leader = new Map<string, string>();
  const leaderOf = (id: string): string => {
    let at = id;
    for (let up = leader.get(at); up !== undefined && up !== at; up = leader.get(at)) at = up;
    return at;
  };
  const join = (a: string, b: string): void => {
    leader.set(leaderOf(a), leaderOf(b));
  };
  for (const [a, b] of pairs) join(a, b);
  return { same: (a, b) => leaderOf(a) === leaderOf(b), join, leaderOf };
}
