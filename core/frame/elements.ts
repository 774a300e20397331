import { cross, dot, minus, norm, scale, unit, type Point } from '../geometry/space';
import type { Beam, Cord, Frame, Link } from './frame';

/** The three axes of a beam: along it, the way of its wider face, and square to both. */
export function axesOf({ a, b, wide }: Beam, nodes: Frame['nodes']): readonly [Point, Point, Point] {
  const x = unit(minus(nodes[b] as Point, nodes[a] as Point));
  const across = minus(wide, scale(x, dot(wide, x)));
  // A face that is told to point along its own bar says nothing: any way across will do.
  const y = norm(across) > 1e-6 ? unit(across) : unit(cross(x, Math.abs(x[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0]));
  return [x, y, cross(x, y)];
}

export const lengthOf = ({ a, b }: { a: number; b: number }, nodes: Frame['nodes']): number =>
  norm(minus(nodes[b] as Point, nodes[a] as Point));

/**
 * The stiffness of a slender beam in its own axes, twelve by twelve, row after row (Przemieniecki, *Theory of Matrix
 * Structural Analysis*, 5.6, without shear; Timoshenko's beam formulas give the same). N, mm.
 */
export function beamStiffness({ of: { ea, gj, eiWide, eiThick } }: Beam, l: number): Float64Array {
  const k = new Float64Array(144);
  const set = (i: number, j: number, to: number): void => {
    k[i * 12 + j] = to;
    k[j * 12 + i] = to;
  };
  for (const [i, of] of [
    [0, ea / l],
    [3, gj / l],
  ] as const) {
    set(i, i, of);
    set(i + 6, i + 6, of);
    set(i, i + 6, -of);
  }
  // Shifted the way of the face it turns about the axis square to that, and the other way round with the other sign.
  for (const [v, r, ei, sign] of [
    [1, 5, eiWide, 1],
    [2, 4, eiThick, -1],
  ] as const) {
    const [k1, k2, k4, k3] = [(12 * ei) / l ** 3, (sign * 6 * ei) / l ** 2, (4 * ei) / l, (2 * ei) / l];
    set(v, v, k1);
    set(v + 6, v + 6, k1);
    set(v, v + 6, -k1);
    set(v, r, k2);
    set(v, r + 6, k2);
    set(v + 6, r, -k2);
    set(v + 6, r + 6, -k2);
    set(r, r, k4);
    set(r + 6, r + 6, k4);
    set(r, r + 6, k3);
  }
  return k;
}

/**
 * What an axial pull adds to the stiffness of a beam across itself: it straightens what is pulled, and bends what is
 * pressed further (Przemieniecki, 15.2, equation 15.14; consistent with the cubic shape of the beam). N, mm.
 */
export function pullStiffness(pullN: number, l: number): Float64Array {
  const k = new Float64Array(144);
  const set = (i: number, j: number, to: number): void => {
    k[i * 12 + j] = to;
    k[j * 12 + i] = to;
  };
  for (const [v, r, sign] of [
    [1, 5, 1],
    [2, 4, -1],
  ] as const) {
    const [a, b, c, d] = [(6 / 5 / l) * pullN, sign * (1 / 10) * pullN, ((2 * l) / 15) * pullN, (-l / 30) * pullN];
    set(v, v, a);
    set(v + 6, v + 6, a);
    set(v, v + 6, -a);
    set(v, r, b);
    set(v, r + 6, b);
    set(v + 6, r, -b);
    set(v + 6, r + 6, -b);
    set(r, r, c);
    set(r + 6, r + 6, c);
    set(r, r + 6, d);
  }
  return k;
}

/** Turns four triples from the axes of the frame into those of a beam, or back. */
export function turned(of: ArrayLike<number>, axes: readonly Point[], back = false): Float64Array {
  const out = new Float64Array(12);
  for (let block = 0; block < 4; block++)
    for (let i = 0; i < 3; i++) {
      let sum = 0;
      for (let j = 0; j < 3; j++)
        sum += (back ? (axes[j]?.[i] as number) : (axes[i]?.[j] as number)) * (of[block * 3 + j] as number);
      out[block * 3 + i] = sum;
    }
  return out;
}

/** The same matrix in the axes of the frame. */
export function inFrame(k: Float64Array, axes: readonly Point[]): Float64Array {
  const half = new Float64Array(144);
  const out = new Float64Array(144);
  for (let i = 0; i < 12; i++) half.set(turned(k.subarray(i * 12, i * 12 + 12), axes, true), i * 12);
  const column = new Float64Array(12);
  for (let j = 0; j < 12; j++) {
    for (let i = 0; i < 12; i++) column[i] = half[i * 12 + j] as number;
    const to = turned(column, axes, true);
    for (let i = 0; i < 12; i++) out[i * 12 + j] = to[i] as number;
  }
  return out;
}

/**
 * How each spring of a link is drawn out by what its two places do: six rows of twelve. A turn of a place moves what is
 * held at the end of its arm by ω × r.
 */
export function linkRows({ a, b, at, axes }: Link, nodes: Frame['nodes']): Float64Array {
  const rows = new Float64Array(72);
  for (const [node, sign, off] of [
    [a, -1, 0],
    [b, 1, 6],
  ] as const) {
    if (node === null) continue;
    const arm = minus(at, nodes[node] as Point);
    axes.forEach((axis, i) => {
      const lever = cross(arm, axis);
      for (let k = 0; k < 3; k++) {
        rows[i * 12 + off + k] = sign * (axis[k] as number);
        rows[i * 12 + off + 3 + k] = sign * (lever[k] as number);
        rows[(i + 3) * 12 + off + 3 + k] = sign * (axis[k] as number);
      }
    });
  }
  return rows;
}

/** The two ends of a cord. */
export const endsOf = ({ a, b, from, to }: Cord, nodes: Frame['nodes']): readonly [Point, Point] => [
  from ?? (nodes[a] as Point),
  to ?? (nodes[b] as Point),
];

/** How a cord is drawn out by what its two places do. */
export function cordRow(cord: Cord, nodes: Frame['nodes']): Float64Array {
  const ends = endsOf(cord, nodes);
  const along = unit(minus(ends[1], ends[0]));
  const row = new Float64Array(12);
  for (const [end, sign] of [
    [0, -1],
    [1, 1],
  ] as const) {
    const lever = cross(minus(ends[end], nodes[end === 0 ? cord.a : cord.b] as Point), along);
    for (let k = 0; k < 3; k++) {
      row[end * 6 + k] = sign * (along[k] as number);
      row[end * 6 + 3 + k] = sign * (lever[k] as number);
    }
  }
  return row;
}

/** What holds the ends of a beam under an even load along it, in its own axes: w l / 2, w l² / 12 (handbooks of beams, both ends held). */
export function heldEnds(w: readonly number[], l: number): Float64Array {
  const [x, y, z] = w as [number, number, number];
  const [h, m] = [l / 2, l ** 2 / 12];
  return Float64Array.of(x * h, y * h, z * h, 0, -z * m, y * m, x * h, y * h, z * h, 0, z * m, -y * m);
}
