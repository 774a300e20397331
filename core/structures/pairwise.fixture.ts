import fc from 'fast-check';
import { cases } from '../cases.fixture';

/** Choices by name. */
type Choices = Readonly<Record<string, readonly unknown[]>>;
export type Row<C extends Choices> = { readonly [N in keyof C]: C[N][number] };

/**
 * Rows in which any two choices of different names come together at least once, as few as a greedy search finds: whatever
 * is wrong with a pair of them is met (pairwise covering; Cohen et al., "The AETG System", IEEE Trans. Software
 * Eng. 23 (1997) 437, the pairs of the two longest names first). Pairs that do not go together are left out.
 */
export function pairwise<C extends Choices>(
  choices: C,
  together: (row: Partial<Row<C>>) => boolean,
  seed: number,
): Row<C>[] {
  const names = Object.keys(choices).sort((a, b) => choices[b]!.length - choices[a]!.length);
  const sizes = names.map((name) => choices[name]!.length);
  const [shuffle] = fc.sample(fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true, maxExcluded: true })), {
    seed,
    numRuns: cases(1),
  });
  const random = (): number => shuffle!.next().value as number;
  const said = (picked: readonly number[]): Partial<Row<C>> =>
    Object.fromEntries(picked.flatMap((n, i) => (n < 0 ? [] : [[names[i], choices[names[i] as string]![n]]]))) as never;
  // Of each two names, which of their choices have not come together yet.
  const open = names.map(() => names.map(() => new Set<number>()));
  const key = (i: number, a: number, j: number, b: number): [Set<number>, number] =>
    i < j ? [open[i]![j]!, a * sizes[j]! + b] : [open[j]![i]!, b * sizes[i]! + a];
  for (let i = 0; i < names.length; i++)
    for (let j = i + 1; j < names.length; j++)
      for (let a = 0; a < sizes[i]!; a++)
        for (let b = 0; b < sizes[j]!; b++)
          if (together(said(names.map((_n, k) => (k === i ? a : k === j ? b : -1)))))
            open[i]![j]!.add(a * sizes[j]! + b);
  const rows: Row<C>[] = [];
  for (let i = 0; i < names.length; i++)
    for (let j = i + 1; j < names.length; j++)
      while (open[i]![j]!.size > 0) {
        const pairs = [...open[i]![j]!];
        const pair = pairs[Math.floor(random() * pairs.length)]!;
        const picked = names.map((_n, k) => (k === i ? Math.floor(pair / sizes[j]!) : k === j ? pair % sizes[j]! : -1));
        for (let k = 0; k < names.length; k++) {
          if (picked[k]! >= 0) continue;
          let best: { n: number; worth: number } | null = null;
          for (let n = 0; n < sizes[k]!; n++) {
            const worth =
              random() +
              picked.filter((m, l) => {
                if (m < 0) return false;
                const [set, at] = key(k, n, l, m);
                return set.has(at);
              }).length;
            if ((best && worth <= best.worth) || !together(said(picked.with(k, n)))) continue;
            best = { n, worth };
          }
          if (!best) break;
          picked[k] = best.n;
        }
        picked.forEach((a, k) =>
          picked.forEach((b, l) => {
            if (k < l && a >= 0 && b >= 0) open[k]![l]!.delete(a * sizes[l]! + b);
          }),
        );
        // Of a pair that leaves nothing for a third there is no plan.
        if (picked.every((n) => n >= 0)) rows.push(said(picked) as Row<C>);
      }
  return rows;
}
