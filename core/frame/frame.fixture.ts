import { Matrix, solve as denseSolve } from 'ml-matrix';
import { reach, type Point } from '../geometry/space';
import { axesOf, beamStiffness, cordRow, endsOf, inFrame, lengthOf, linkRows } from './elements';
import type { Beam, Frame, Link, Loads, Stiffness } from './frame';

/** A round steel bar of 20 mm: π d⁴ / 64, twice that about its axis. */
const I = (Math.PI * 20 ** 4) / 64;
export const ROD: Stiffness = {
  ea: 210_000 * Math.PI * 100,
  gj: 81_000 * 2 * I,
  eiWide: 210_000 * I,
  eiThick: 210_000 * I,
};
export const EI = ROD.eiWide;
export const GJ = ROD.gj;
export const AXES: Link['axes'] = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];
/** Far stiffer than any rod. */
const FAST = 1e9;

/** Holds a place to the ground: the ways named are held, x y z and the turns about them. */
export const held = (a: number, at: Point, ways = 'xyzXYZ'): Link => ({
  a,
  b: null,
  at,
  axes: AXES,
  stiff: [...'xyzXYZ'].map((way) =>
    ways.includes(way) ? (way === way.toLowerCase() ? FAST : FAST * 1e6) : 0,
  ) as never,
});

/** Bars of one kind along a chain of places. */
export function chainOf(nodes: readonly Point[], of = ROD, from = 0): Beam[] {
  return nodes.slice(1).map((to, i) => {
    const at = nodes[i] as Point;
    const upright = Math.abs(to[2] - at[2]) > Math.hypot(to[0] - at[0], to[1] - at[1]);
    return { a: from + i, b: from + i + 1, of, wide: upright ? [0, 1, 0] : [0, 0, 1] };
  });
}

/** A straight chain along x, in so many pieces. */
export function along(longMm: number, pieces: number, supports: (nodes: readonly Point[]) => Link[]): Frame {
  const nodes = Array.from({ length: pieces + 1 }, (_, i): Point => [(longMm * i) / pieces, 0, 0]);
  return { nodes, beams: chainOf(nodes), links: supports(nodes), lines: [] };
}

/** The same frame written out in full and answered by a library of linear algebra. */
export function densely({ nodes, beams, links, lines }: Frame, loads: Loads): number[] {
  const k = Matrix.zeros(nodes.length * 6, nodes.length * 6);
  const put = (of: (i: number, j: number) => number, a: number, b: number | null): void => {
    const at = [a, b].flatMap((node) => (node === null ? [] : [0, 1, 2, 3, 4, 5].map((i) => node * 6 + i)));
    at.forEach((r, i) => at.forEach((c, j) => k.set(r, c, k.get(r, c) + of(i, j))));
  };
  for (const beam of beams) {
    const of = inFrame(beamStiffness(beam, lengthOf(beam, nodes)), axesOf(beam, nodes));
    put((i, j) => of[i * 12 + j] as number, beam.a, beam.b);
  }
  for (const link of links) {
    const rows = linkRows(link, nodes);
    link.stiff.forEach((s, n) =>
      put((i, j) => s * (rows[n * 12 + i] as number) * (rows[n * 12 + j] as number), link.a, link.b),
    );
  }
  for (const line of lines) {
    const row = cordRow(line, nodes);
    put((i, j) => (line.ea / reach(...endsOf(line, nodes))) * (row[i] as number) * (row[j] as number), line.a, line.b);
  }
  return denseSolve(k, Matrix.columnVector([...loads])).to1DArray();
}
