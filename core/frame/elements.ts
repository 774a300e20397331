import { cross, dot, minus, norm, scale, unit, type Point } from '../geometry/space';
import type { Beam, Cord, Frame, Link, Stiffness } from './frame';

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

/** What acts on the ends of a beam whose ends have moved so, in its own axes: {@link beamStiffness} times those, written out. */
export function endForces(
  { ea, gj, eiWide, eiThick }: Stiffness,
  l: number,
  v: ArrayLike<number>,
  out: Float64Array,
): void {
  out[6] = (ea / l) * ((v[6] as number) - (v[0] as number));
  out[0] = -out[6];
  out[9] = (gj / l) * ((v[9] as number) - (v[3] as number));
  out[3] = -out[9];
  bent(eiWide, l, v, out, 1, 5, 1);
  bent(eiThick, l, v, out, 2, 4, -1);
}

/** One plane of bending: the shift and the turn of the first end at `s` and `r`, of the other six on. */
function bent(
  ei: number,
  l: number,
  v: ArrayLike<number>,
  out: Float64Array,
  s: number,
  r: number,
  sign: number,
): void {
  const apart = (v[s] as number) - (v[s + 6] as number);
  const [from, to] = [v[r] as number, v[r + 6] as number];
  const shear = ((12 * ei) / l ** 3) * apart + ((sign * 6 * ei) / l ** 2) * (from + to);
  out[s] = shear;
  out[s + 6] = -shear;
  const even = ((sign * 6 * ei) / l ** 2) * apart;
  out[r] = even + ((4 * ei) / l) * from + ((2 * ei) / l) * to;
  out[r + 6] = even + ((2 * ei) / l) * from + ((4 * ei) / l) * to;
}

/**
 * What an axial pull asks besides of a beam whose ends have moved so, in its own axes: it straightens what is pulled, and
 * bends what is pressed further (the geometric stiffness of Przemieniecki, 15.2, equation 15.14, times those). N, mm.
 */
export function leaningForces(pullN: number, l: number, v: ArrayLike<number>, out: Float64Array): void {
  out.fill(0);
  for (const [s, r, sign] of PLANES) {
    const apart = (v[s] as number) - (v[s + 6] as number);
    const [from, to] = [v[r] as number, v[r + 6] as number];
    const shear = (6 / 5 / l) * pullN * apart + (sign / 10) * pullN * (from + to);
    out[s] = shear;
    out[s + 6] = -shear;
    const even = (sign / 10) * pullN * apart;
    out[r] = even + pullN * l * ((2 / 15) * from - (1 / 30) * to);
    out[r + 6] = even + pullN * l * ((2 / 15) * to - (1 / 30) * from);
  }
}
const PLANES = [
  [1, 5, 1],
  [2, 4, -1],
] as const;

/** Turns four triples from the axes of the frame into those of a beam, or back. */
export function turned(
  of: ArrayLike<number>,
  axes: readonly Point[],
  back = false,
  out = new Float64Array(12),
): Float64Array {
  const [[a, b, c], [d, e, f], [g, h, i]] = axes as [Point, Point, Point];
  for (let block = 0; block < 12; block += 3) {
    const [x, y, z] = [of[block] as number, of[block + 1] as number, of[block + 2] as number];
    out[block] = back ? a * x + d * y + g * z : a * x + b * y + c * z;
    out[block + 1] = back ? b * x + e * y + h * z : d * x + e * y + f * z;
    out[block + 2] = back ? c * x + f * y + i * z : g * x + h * y + i * z;
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
