import type { Point } from '../geometry/space';
import type { Beam, Frame, Link, Stiffness } from './frame';

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
