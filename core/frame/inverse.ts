/** Turns a small matrix round by elimination with the largest of each column first; null where nothing is left to divide by. */
export function inverseOf(rows: Float64Array[], scales: readonly number[]): readonly Float64Array[] | null {
  const n = rows.length;
  const out: Float64Array[] = rows.map((_, i) => Float64Array.from({ length: n }, (_one, j) => (i === j ? 1 : 0)));
  for (let j = 0; j < n; j++) {
    let pick = j;
    for (let i = j + 1; i < n; i++)
      if (Math.abs(rows[i]?.[j] as number) > Math.abs(rows[pick]?.[j] as number)) pick = i;
    const [top, made] = [rows[pick] as Float64Array, out[pick] as Float64Array];
    if (Math.abs(top[j] as number) < 1e-9 * (scales[j] as number)) return null;
    [rows[pick], out[pick]] = [rows[j] as Float64Array, out[j] as Float64Array];
    [rows[j], out[j]] = [top, made];
    const by = 1 / (top[j] as number);
    for (let k = 0; k < n; k++) {
      top[k] = (top[k] as number) * by;
      made[k] = (made[k] as number) * by;
    }
    for (let i = 0; i < n; i++) {
      if (i === j) continue;
      const [row, to] = [rows[i] as Float64Array, out[i] as Float64Array];
      const share = row[j] as number;
      if (share === 0) continue;
      for (let k = 0; k < n; k++) {
        row[k] = (row[k] as number) - share * (top[k] as number);
        to[k] = (to[k] as number) - share * (made[k] as number);
      }
    }
  }
  return out;
}
