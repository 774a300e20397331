import type { Bar } from '../design/shapes/bar';
import type { Block } from '../design/shapes/block';
import type { Fill } from '../design/shapes/fill';
import type { Line } from '../design/shapes/line';
import type { Sheet } from '../design/shapes/sheet';
import type { Frame } from '../frame/frame';
import type { Point } from '../geometry/space';
import type { Meeting, Support } from '../joinery/meetings';
import type { MayCarry } from './joint';
import type { Member } from './member';

/** A bar as beams from place to place. */
export interface BarIn {
  part: Bar;
  of: Member;
  /** Its places in the frame, and how far along it each lies, in order. mm. */
  nodes: readonly number[];
  atMm: readonly number[];
  beams: readonly number[];
  /** Between which of its places nothing holds it: how far from one hold to the next, for each of its beams. mm. */
  freeMm: readonly number[];
}

/** What holds two parts to each other, at one place. */
export interface JointIn {
  link: number;
  meeting: Meeting;
  may: MayCarry;
}

/** What something that has no stiffness of its own is fixed to: a place of the frame, and where. */
export interface FixedAt {
  node: number;
  at: Point;
  meeting: Meeting | null;
}

/** A cord as what is drawn from one hold to the next. */
export interface CordIn {
  part: Line;
  holds: readonly FixedAt[];
  /** One fewer than its holds; none where it has one. */
  cords: readonly number[];
}

export interface SheetIn {
  part: Sheet;
  fixed: readonly FixedAt[];
}

/** A mass that lies on others, or hangs on them. */
export interface BlockIn {
  part: Block | Fill;
  node: number;
}

/** Wires side by side, taken as one beam. */
export interface Strip {
  beam: number;
  /** How many. */
  wires: number;
  /** So many times as large as a square of the mesh is one of such strips. */
  coarser: number;
  /** Up the sheet, not along it. */
  up: boolean;
  /** Strips side by side bear each other up: of an arch all that lie across one place of its bow; a ring’s each by itself. */
  beside: number;
}

/** Mesh that stands by itself, bent to an arch or a ring: strips of its wires both ways. */
export interface WiresIn {
  part: Sheet;
  /** A ring; else an arch. */
  upright: boolean;
  strips: readonly Strip[];
}

export interface GroundIn {
  link: number;
  node: number;
  support: Support;
  /** Where firm ground begins. */
  at: Point;
  firmMm: number;
}

/** A structure as the frame that carries it. */
export interface Model {
  frame: Frame;
  bars: readonly BarIn[];
  joints: readonly JointIn[];
  cords: readonly CordIn[];
  sheets: readonly SheetIn[];
  blocks: readonly BlockIn[];
  wires: readonly WiresIn[];
  grounds: readonly GroundIn[];
  /** Parts that nothing of this holds: they are not reckoned. */
  leftOut: readonly string[];
}
