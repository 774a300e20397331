import type { Point } from '../geometry/space';

/**
 * A frame in space: places that are moved and turned, and what lies between them. N, mm, MPa, radians throughout.
 * @example { nodes: [[0, 0, 0], [1000, 0, 0]], beams: [bar], links: [fixed], lines: [] }
 */
export interface Frame {
  nodes: readonly Point[];
  beams: readonly Beam[];
  links: readonly Link[];
  lines: readonly Cord[];
}

/** What of a section counts: N, N mm². @example { ea: E * A, gj: G * J, eiWide: E * I, eiThick: E * I } */
export interface Stiffness {
  ea: number;
  gj: number;
  /** Bent in the plane of its wider face, as a board on edge is; and flat. */
  eiWide: number;
  eiThick: number;
}

/** A straight bar between two places, its wider face the way of `wide`. */
export interface Beam {
  a: number;
  b: number;
  of: Stiffness;
  wide: Point;
}

/**
 * Springs between two places, or between one and the ground, that act where the two are held to each other: that lies
 * off the middle of either by the half of its section, which is carried as by a rigid arm. Shifts along three axes
 * square to each other, then turns about them. N/mm, N mm.
 */
export interface Link {
  a: number;
  b: number | null;
  at: Point;
  axes: readonly [Point, Point, Point];
  stiff: readonly [number, number, number, number, number, number];
  /** Along its first axis it only presses: `b` lies on that side of `a` to which the axis points. */
  pressesOnly?: true;
}

/** What is only pulled: a wire, a string, a guy; drawn tight beforehand by so much. Where it is held off its places, it pulls at the end of a rigid arm. */
export interface Cord {
  a: number;
  b: number;
  from?: Point;
  to?: Point;
  ea: number;
  pullN: number;
  /** It stands for what is pressed as well as pulled: the wires of a sheet, one way slack and the other drawn. */
  pressesToo?: true;
}

/** Forces at the places, six a place: along x, y, z, then moments about them. N, N mm. */
export type Loads = Float64Array;

/** An even load on a beam along x, y, z. N/mm. */
export interface Spread {
  beam: number;
  by: Point;
}

export const NO_LOADS = (frame: Pick<Frame, 'nodes'>): Loads => new Float64Array(frame.nodes.length * 6);

/** Puts a force at a place of a frame that may lie off its node: what it turns about that is added. */
export function push(loads: Loads, frame: Pick<Frame, 'nodes'>, node: number, by: Point, at?: Point): void {
  const i = node * 6;
  for (let k = 0; k < 3; k++) loads[i + k] = (loads[i + k] as number) + (by[k] as number);
  if (!at) return;
  const to = frame.nodes[node] as Point;
  const [x, y, z] = [at[0] - to[0], at[1] - to[1], at[2] - to[2]];
  loads[i + 3] = (loads[i + 3] as number) + y * by[2] - z * by[1];
  loads[i + 4] = (loads[i + 4] as number) + z * by[0] - x * by[2];
  loads[i + 5] = (loads[i + 5] as number) + x * by[1] - y * by[0];
}
