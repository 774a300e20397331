import type { Point } from '../../geometry/space';
import type { EndCut } from '../end-cut';

/**
 * What every part of a design states, whatever its shape.
 * @example { id: 'rail-2', role: 'rail', stock: '2x4', cutMm: 2438.4 }
 */
export interface PartBase {
  /** Readable and unique within the design: "post-3". */
  id: string;
  /** What it does: "post", "rail". Its kind's `names` say what to call it. */
  role: string;
  stock: string;
  /** What has to be cut or measured off: long point to long point for a bar, whole length for a cord. */
  cutMm: number;
}

/**
 * A closed body, for drawings and three dimensions; `below` is what stands in the soil.
 * @example { solid: 'tube', path: [[0, 0, 0], [0, 0, 1800]], radiusMm: 12, below: false }
 */
export type Solid =
  /** Eight corners, counted by end, then wide face, then thick face. */
  | { solid: 'box'; corners: readonly Point[]; below: boolean }
  | { solid: 'tube'; path: readonly Point[]; radiusMm: number; below: boolean }
  /** A board sawn to an outline: one face of it, the way through it, and the straight slices that it is made of, each as a box. */
  | { solid: 'plate'; outline: readonly Point[]; through: Point; slices: readonly (readonly Point[])[]; below: boolean }
  /** Two outlines one above the other, and a peak over the upper one. */
  | { solid: 'prism'; base: readonly Point[]; top: readonly Point[]; peak: Point | null; below: boolean };

/**
 * What the shop and the saw have to know of a part.
 * @example { ends: SQUARE, meshes: null, litres: null, board: 'board-1' } // a strip of a board that is ripped
 */
export interface Taken {
  ends: readonly [EndCut, EndCut] | null;
  /** Whole meshes of the stock panel. */
  meshes: number | null;
  litres: number | null;
  /** The board, or the strip of panel, that it comes out of. */
  board: string | null;
}

/** The type of a field in the published document. */
export type Field = 'mm' | 'point' | 'points' | 'lengths';

/**
 * One shape of a part: a module each, listed once in `shapes.ts`. It answers everything the rest of the
 * house asks of a part, so that nothing else has to know which shape a part is.
 */
export interface Shape<P> {
  /** A stiff member with a section, a cord, a face of wires or cloth, or a mass that is poured or laid. */
  nature: 'member' | 'cord' | 'face' | 'mass';
  /** Points that hold all of it between them. */
  extent(part: P): Point[];
  solids(part: P): Solid[];
  /** Wires and cord as chains of points. */
  wires(part: P): Point[][];
  /** Convex patches that take light, of a face. */
  faces(part: P): Point[][];
  /** What is left to be seen of a face from its edge. */
  edges(part: P): Point[][];
  /** Lines inside it that are drawn as hidden: holes. */
  hidden(part: P): Point[][];
  /** How far a point lies outside it: nought inside its section, on its wires' surface or on its line. mm. */
  distanceTo(part: P, at: Point): number;
  /** The same, so far away. */
  moved(part: P, by: Point): P;
  /** Where it goes into the soil; none where it stands on it. */
  feet(part: P): Point[];
  /** The wider side of its section; nought for what has none. mm. */
  acrossMm(part: P): number;
  taken(part: P): Taken;
  document(part: P): Readonly<Record<string, number | readonly number[] | readonly Point[]>>;
  fields: Readonly<Record<string, Field>>;
}

export const NOTHING_TAKEN: Taken = { ends: null, meshes: null, litres: null, board: null };

/** The faces of a box by its corners, each by one and two beside it: of end, wide face and thick face. */
export const BOX_FACES = [
  [0, 1, 2],
  [4, 5, 6],
  [0, 1, 4],
  [2, 3, 6],
  [0, 2, 4],
  [1, 3, 5],
] as const;

/** The straight pieces of a solid, each by its eight corners as a box has them; none of what is round or poured. */
export const boxesOf = (solid: Solid): readonly (readonly Point[])[] =>
  solid.solid === 'box' ? [solid.corners] : solid.solid === 'plate' ? solid.slices : [];
