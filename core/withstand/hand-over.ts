import { push, type Frame, type Loads } from '../frame/frame';
import { alongChain } from '../geometry/curve';
import { add, cross, dot, minus, norm, reach, scale, type Point } from '../geometry/space';
import type { BarIn, CordIn, FixedAt } from './parts-in';

/** A force somewhere becomes a force at each of some places. */
export interface HandedTo {
  node: number;
  at: Point;
  /** What of a force along x, y and z comes to act here: three rows of three. */
  by: readonly [Point, Point, Point];
}

/** A load on a sheet is carried by so many of what it is fixed to, the nearest. */
const NEAREST = 6;
const ALL: readonly [Point, Point, Point] = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];
const times = (share: number): HandedTo['by'] => [
  [share, 0, 0],
  [0, share, 0],
  [0, 0, share],
];

/** J ω = M, J as what a set of places holds against turning; what it does not hold is left. */
function turning(arms: readonly Point[]): (moment: Point) => Point {
  const j = [0, 1, 2].map((i) =>
    [0, 1, 2].map((k) =>
      arms.reduce((sum, r) => sum + (i === k ? dot(r, r) : 0) - (r[i] as number) * (r[k] as number), 0),
    ),
  ) as [number[], number[], number[]];
  const trace = (j[0][0] as number) + (j[1][1] as number) + (j[2][2] as number);
  const rows = j.map((row, i) => row.map((n, k) => (i === k ? n + 1e-3 * trace + 1e-9 : n)) as unknown as Point) as [
    Point,
    Point,
    Point,
  ];
  const whole = dot(rows[0], cross(rows[1], rows[2]));
  // Cramer's rule; the matrix is its own transpose.
  return (m) => [
    dot(m, cross(rows[1], rows[2])) / whole,
    dot(m, cross(rows[2], rows[0])) / whole,
    dot(m, cross(rows[0], rows[1])) / whole,
  ];
}

/**
 * What is fixed at several places and pushed at another hands that on as a stiff plate on even springs would: an even
 * share to each, and what its turning about their middle asks (the elastic group of bolts of any handbook of joints).
 * Force and moment are kept, as far as the places can hold against them. Of many only the nearest carry it.
 */
export function fromSheet(fixed: readonly FixedAt[], at: Point): HandedTo[] {
  const near =
    fixed.length > NEAREST ? fixed.toSorted((a, b) => reach(a.at, at) - reach(b.at, at)).slice(0, NEAREST) : fixed;
  const share = 1 / near.length;
  const middle = scale(
    near.reduce<Point>((sum, one) => add(sum, one.at), [0, 0, 0]),
    share,
  );
  const arms = near.map((one) => minus(one.at, middle));
  const turns = near.length > 1 ? turning(arms) : null;
  const off = minus(at, middle);
  const spins = ALL.map((way) => (turns ? turns(cross(off, way)) : ([0, 0, 0] as Point)));
  return near.map((one, i) => {
    const columns = ALL.map((way, k) => add(scale(way, share), cross(spins[k] as Point, arms[i] as Point)));
    const row = (k: 0 | 1 | 2): Point => [columns[0]?.[k] ?? 0, columns[1]?.[k] ?? 0, columns[2]?.[k] ?? 0];
    return { node: one.node, at: one.at, by: [row(0), row(1), row(2)] };
  });
}

/** From a place along a cord to the holds on either side of it, by the lever; past its last hold it hangs from that. */
export function fromCord({ part, holds }: Pick<CordIn, 'part' | 'holds'>, at: Point): HandedTo[] {
  const along = alongChain(at, part.path);
  const own = holds.map((one) => alongChain(one.at, part.path));
  const next = own.findIndex((mm) => mm >= along);
  const [before, after] = next < 0 ? [holds.length - 1, -1] : [next - 1, next];
  const [a, b] = [holds[before], holds[after]];
  if (!a || !b) {
    const only = (a ?? b) as FixedAt;
    // The loose end is drawn down to the plant's foot: what is pushed low goes into the soil.
    const long = Math.max(
      1,
      Math.abs((own[a ? before : after] as number) - (next < 0 ? alongChain(part.path.at(-1) as Point, part.path) : 0)),
    );
    const away = Math.abs((own[a ? before : after] as number) - along);
    const share = Math.max(0, 1 - away / long);
    return [
      {
        node: only.node,
        at: only.at,
        by: [
          [share, 0, 0],
          [0, share, 0],
          [0, 0, 1],
        ],
      },
    ];
  }
  const long = (own[after] as number) - (own[before] as number);
  const share = long > 0 ? (along - (own[before] as number)) / long : 0.5;
  return [
    { node: a.node, at: a.at, by: times(1 - share) },
    { node: b.node, at: b.at, by: times(share) },
  ];
}

/** From a place on a bar to the two of its places on either side, by the lever. */
export function fromBar(bar: Pick<BarIn, 'nodes' | 'atMm'>, nodes: Frame['nodes'], alongMm: number): HandedTo[] {
  const { atMm } = bar;
  const next = Math.min(
    atMm.length - 1,
    Math.max(1, atMm.findIndex((mm) => mm >= alongMm) < 0 ? atMm.length - 1 : atMm.findIndex((mm) => mm >= alongMm)),
  );
  const [from, to] = [atMm[next - 1] as number, atMm[next] as number];
  const share = Math.max(0, Math.min(1, (alongMm - from) / Math.max(1e-9, to - from)));
  return [next - 1, next].map((i, k) => {
    const node = bar.nodes[i] as number;
    return { node, at: nodes[node] as Point, by: times(k === 0 ? 1 - share : share) };
  });
}

/** Puts a force where it is handed to. */
export function hand(loads: Loads, frame: Pick<Frame, 'nodes'>, to: readonly HandedTo[], force: Point): void {
  if (norm(force) === 0) return;
  for (const { node, at, by } of to)
    push(loads, frame, node, [dot(by[0], force), dot(by[1], force), dot(by[2], force)], at);
}
