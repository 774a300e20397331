/**
 * An order of places in which what is joined stays near together, so that few of the sums between are not nought:
 * reverse Cuthill–McKee (Cuthill and McKee 1969, Proc. 24th Nat. Conf. ACM: 157–172; turned round by George 1971).
 * @example nearOrder(3, [[0, 2], [2, 1]]) // [1, 2, 0]
 */
export function nearOrder(count: number, joined: readonly (readonly [number, number])[]): number[] {
  const beside = Array.from({ length: count }, (): number[] => []);
  for (const [a, b] of joined) {
    if (a === b) continue;
    beside[a]?.push(b);
    beside[b]?.push(a);
  }
  const degree = beside.map((all, i) => (beside[i] = [...new Set(all)]).length);
  const by = (a: number, b: number): number => (degree[a] as number) - (degree[b] as number) || a - b;
  const seen = new Uint8Array(count);
  /** What is reached from one of them, level by level, the least joined first. */
  const levels = (from: number, marks: Uint8Array): { order: number[]; last: number; deep: number } => {
    const order = [from];
    const level = new Map([[from, 0]]);
    marks[from] = 1;
    for (let i = 0; i < order.length; i++) {
      const at = order[i] as number;
      for (const next of (beside[at] as number[]).filter((one) => !marks[one]).toSorted(by)) {
        marks[next] = 1;
        level.set(next, (level.get(at) as number) + 1);
        order.push(next);
      }
    }
    const last = order.at(-1) as number;
    return { order, last, deep: level.get(last) as number };
  };
  const out: number[] = [];
  for (const start of Array.from({ length: count }, (_, i) => i).toSorted(by)) {
    if (seen[start]) continue;
    // From an end of it: one that is as far from another as any (George and Liu's pseudo-peripheral node).
    let [from, deep] = [start, -1];
    for (let turn = 0; turn < 8; turn++) {
      const reached = levels(from, seen.slice());
      if (reached.deep <= deep) break;
      deep = reached.deep;
      from = reached.last;
    }
    out.push(...levels(from, seen).order);
  }
  return out.reverse();
}
