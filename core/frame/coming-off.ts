import type { Assembled } from './assembled';
import type { Frame } from './frame';
import { inverseOf } from './inverse';
import { answer } from './profile';
import { addTo, spill, sum } from './read';

/** What of its stiffness a slack cord keeps, so that it catches again what leans far enough; and what has lifted off. */
const SLACK_KEEPS = 1e-3;
/** So many sets of what is off are kept: gusts and weeks take away the same again and again. */
const MOST_KEPT = 200;

/** One spring that can come off: of which link or cord, how stiff, and what draws it out. */
interface Spring {
  row: Float64Array;
  at: Int32Array;
  k: number;
}

/** What the answers without some springs are made of. */
interface Taken {
  gone: readonly Spring[];
  held: readonly Float64Array[];
  inverse: readonly Float64Array[];
}

/** What can come off a frame: first its cords, which slacken, then its links that only press. */
export interface ComingOff {
  count: number;
  /** How far one of them is drawn out. mm. */
  drawnOut(one: number, x: Float64Array): number;
  /** What a unit pull along a cord does to all. */
  influence(cord: number): Float64Array;
  /** Takes some of them away from an answer, in its place (Sherman–Morrison–Woodbury); false where what is left does not hold. */
  takeAway(off: ReadonlySet<number>, x: Float64Array): boolean;
}

/** @param pressing links that only press. */
export function comingOff({ links, lines }: Frame, of: Assembled, pressing: readonly number[]): ComingOff {
  const { matrix, rowOf, linkAt, cordOf, cordAt, cordK } = of;
  const springs: Spring[][] = [
    ...lines.map((_, i) => [
      { row: cordOf[i] as Float64Array, at: cordAt[i] as Int32Array, k: (cordK[i] as number) * (1 - SLACK_KEEPS) },
    ]),
    ...pressing.map((link) =>
      (links[link]?.stiff ?? []).flatMap((k, spring) =>
        k > 0 ? [{ row: rowOf(link, spring), at: linkAt[link] as Int32Array, k: k * (1 - SLACK_KEEPS) }] : [],
      ),
    ),
  ];
  const moves = new Map<Spring, Float64Array>();
  const influence = (one: Spring): Float64Array => {
    const known = moves.get(one);
    if (known) return known;
    const x = new Float64Array(matrix.size);
    spill(one.row, one.at, 1, x);
    answer(matrix, x);
    moves.set(one, x);
    return x;
  };
  /** How two springs share what they hold. */
  const shared = new Map<Spring, Map<Spring, number>>();
  const between = (one: Spring, other: Spring): number => {
    const row = shared.get(one) ?? new Map<Spring, number>();
    shared.set(one, row);
    const known = row.get(other);
    if (known !== undefined) return known;
    const by = sum(one.row, one.at, influence(other));
    row.set(other, by);
    return by;
  };
  const taken = new Map<string, Taken | null>();
  const taking = (off: ReadonlySet<number>): Taken | null => {
    const key = [...off].join(' ');
    const known = taken.get(key);
    if (known !== undefined) return known;
    const gone = [...off].flatMap((i) => springs[i] as Spring[]);
    const small = gone.map((one, i) =>
      Float64Array.from(gone, (other, j) => (i === j ? 1 / one.k : 0) - between(one, other)),
    );
    const inverse = inverseOf(
      small,
      gone.map(({ k }) => 1 / k),
    );
    const made = inverse && { gone, held: gone.map(influence), inverse };
    if (taken.size > MOST_KEPT) taken.clear();
    taken.set(key, made);
    return made;
  };
  return {
    count: springs.length,
    drawnOut: (i, x) => sum((springs[i]?.[0] as Spring).row, (springs[i]?.[0] as Spring).at, x),
    influence: (cord) => influence(springs[cord]?.[0] as Spring),
    takeAway: (off, x) => {
      if (off.size === 0) return true;
      const less = taking(off);
      if (!less) return false;
      const { gone, held, inverse } = less;
      const right = Float64Array.from(gone, ({ row, at }) => sum(row, at, x));
      for (let i = 0; i < gone.length; i++) {
        const row = inverse[i] as Float64Array;
        let by = 0;
        for (let j = 0; j < row.length; j++) by += (row[j] as number) * (right[j] as number);
        if (by !== 0) addTo(x, held[i] as Float64Array, by);
      }
      return true;
    },
  };
}
