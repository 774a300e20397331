type Pair = readonly [number, number];

/** Outline of a set of points in a plane: its convex hull, counter-clockwise (Andrew's monotone chain). */
export function outlineOf(points: readonly Pair[]): Pair[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const turn = (o: Pair, a: Pair, b: Pair): number => (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);
  const half = (line: readonly Pair[]): Pair[] => {
    const chain: Pair[] = [];
    for (const point of line) {
      while (chain.length > 1 && turn(chain[chain.length - 2] as Pair, chain[chain.length - 1] as Pair, point) <= 1e-9)
        chain.pop();
      chain.push(point);
    }
    return chain.slice(0, -1);
  };
  return [...half(sorted), ...half([...sorted].reverse())];
}
