/**
 * A symmetric matrix of which each column is kept from its first number that is not nought down to the diagonal, and
 * its factors L D Lᵀ in the same place (Bathe, *Finite Element Procedures*, 8.2.3, the active column solution).
 */
export interface Profile {
  size: number;
  /** Of each column, its first row. */
  first: Int32Array;
  /** Where the column begins in `of`; its row i lies at `start[j] + i - first[j]`. */
  start: Int32Array;
  of: Float64Array;
}

/** An empty one for columns that begin at these rows. */
export function profileOf(first: Int32Array): Profile {
  const size = first.length;
  const start = new Int32Array(size + 1);
  for (let j = 0; j < size; j++) start[j + 1] = (start[j] as number) + j - (first[j] as number) + 1;
  return { size, first, start, of: new Float64Array(start[size] as number) };
}

/** Adds to what stands in row i of column j, whichever of the two is the larger. */
export function addAt({ first, start, of }: Profile, i: number, j: number, by: number): void {
  const [row, column] = i < j ? [i, j] : [j, i];
  const at = (start[column] as number) + row - (first[column] as number);
  of[at] = (of[at] as number) + by;
}

/** Less than this share of what was on the diagonal is left of it: nothing holds there. Rounding leaves about 1e-13. */
const NOTHING_LEFT = 1e-9;

/**
 * Takes it apart in its place. Where nothing of a diagonal is left there is no hold against one way of moving: that row
 * is told, and held by as much as all that meets there would, so that what is asked of the rest still has an answer.
 */
export function takeApart(matrix: Profile): number[] {
  const { size, first, start, of } = matrix;
  const free: number[] = [];
  for (let j = 0; j < size; j++) {
    const [fj, sj] = [first[j] as number, (start[j] as number) - (first[j] as number)];
    const whole = of[sj + j] as number;
    // Column j of L D, from its top: each less what the columns before it have taken.
    for (let i = fj + 1; i < j; i++) {
      const [fi, si] = [first[i] as number, (start[i] as number) - (first[i] as number)];
      let sum = of[sj + i] as number;
      for (let k = fi > fj ? fi : fj; k < i; k++) sum -= (of[si + k] as number) * (of[sj + k] as number);
      of[sj + i] = sum;
    }
    let left = whole;
    for (let i = fj; i < j; i++) {
      const ld = of[sj + i] as number;
      const l = ld / (of[(start[i] as number) - (first[i] as number) + i] as number);
      left -= ld * l;
      of[sj + i] = l;
    }
    if (left <= whole * NOTHING_LEFT) {
      free.push(j);
      left = whole > 0 ? whole : 1;
    }
    of[sj + j] = left;
  }
  return free;
}

/** Answers A x = b in the place of b, of a matrix that has been taken apart. */
export function answer({ size, first, start, of }: Profile, x: Float64Array): Float64Array {
  for (let j = 0; j < size; j++) {
    const sj = (start[j] as number) - (first[j] as number);
    let sum = x[j] as number;
    for (let i = first[j] as number; i < j; i++) sum -= (of[sj + i] as number) * (x[i] as number);
    x[j] = sum;
  }
  for (let j = 0; j < size; j++)
    x[j] = (x[j] as number) / (of[(start[j] as number) - (first[j] as number) + j] as number);
  return backwards({ size, first, start, of }, x);
}

/** Lᵀ x = b alone: of a row that nothing holds, the way in which all moves with it. */
export function backwards({ size, first, start, of }: Profile, x: Float64Array): Float64Array {
  for (let j = size - 1; j >= 0; j--) {
    const sj = (start[j] as number) - (first[j] as number);
    const xj = x[j] as number;
    if (xj !== 0) for (let i = first[j] as number; i < j; i++) x[i] = (x[i] as number) - (of[sj + i] as number) * xj;
  }
  return x;
}
