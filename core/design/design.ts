import type { Carries } from '../catalogue/stock';
import type { Fact } from '../wording/say';
import type { Ground, Point } from './space';

/** How the end of a bar is cut, seen square to its wide face. */
export type EndCut = { cut: 'square' } | { cut: 'mitre'; angleRad: number } | { cut: 'as bought' };

export interface Hole {
  /** From the bar's first end, along it, to the centre. */
  atMm: number;
  diameterMm: number;
}

export type Role = 'post' | 'beam' | 'brace' | 'panel' | 'fine mesh' | 'line wire' | 'string';

interface PartBase {
  /** Readable and unique within the design: "post-3". */
  id: string;
  role: Role;
  stock: string;
  /** What has to be cut or measured off: long point to long point for a bar, whole length for a cord. */
  cutMm: number;
}

/** A straight member. `wide` is the direction of its wider face; the section is stated as placed. */
export interface Bar extends PartBase {
  shape: 'bar';
  from: Point;
  to: Point;
  wide: Point;
  wideMm: number;
  thickMm: number;
  ends: readonly [EndCut, EndCut];
  holes: readonly Hole[];
  /** How much of it is below ground. */
  buriedMm: number;
}

/** A flat piece of mesh, its lower first corner at `corner`. Wires are given from that corner. */
export interface Sheet extends PartBase {
  shape: 'sheet';
  corner: Point;
  along: Point;
  up: Point;
  heightMm: number;
  uprightsMm: readonly number[];
  levelsMm: readonly number[];
  wireMm: number;
  /** Whole meshes of the stock panel it takes; for a roll, 0. */
  meshes: number;
}

export interface Line extends PartBase {
  shape: 'line';
  path: readonly Point[];
  diameterMm: number;
}

export type Part = Bar | Sheet | Line;

/** Small things that hold a joint, counted where they are used. `eachMm` is the length of wire or twine one takes. */
export interface Fixing {
  stock: string;
  count: number;
  eachMm?: number;
}

export interface Joint {
  id: string;
  /** The kind of joint, which the bill groups by and the reasons name: "panel to post". */
  kind: string;
  at: Point;
  parts: readonly string[];
  fixings: readonly Fixing[];
}

/** Where a plant stands. */
export interface Station {
  id: string;
  crop: string;
  planting: string;
  at: Point;
  /** By a tape on the soil, from the start of the row. */
  alongMm: number;
  side: 'front' | 'back' | 'in line';
  /** Stem to stem, as the planting is trained. */
  spacingMm: number;
  /** How high it grows, and how high it is to be held. */
  growsMm: number;
  heldToMm: number;
}

/** What the checks need to know about a support, whatever its kind. */
export interface Support {
  holds: 'mesh' | 'string';
  /** Mesh, wire to wire, at its widest; null where there are only strings. */
  meshMm: { wide: number; high: number } | null;
  /** Thickness of what a plant holds on to, and the widest step between two holds. */
  memberMm: number;
  stepMm: number;
  /** A finer mesh low down, up to this height above ground; 0 where there is none. */
  fineToMm: number;
  carries: Carries;
  /** Where support begins above the ground, an intermediate wire counted. */
  startsMm: number;
  gapMm: number;
  topMm: { least: number; most: number };
  spacingMm: number;
  posts: readonly { id: string; aboveMm: number; buriedMm: number; wantedMm: number; driven: boolean }[];
  /** Where the rows of support stand across the bed, 0 being its middle. */
  rowsAtMm: readonly number[];
  bothSides: boolean;
}

export interface Design {
  kind: string;
  parts: readonly Part[];
  joints: readonly Joint[];
  stations: readonly Station[];
  ground: Ground;
  /** Length of the row as built, by a tape on the soil. */
  builtMm: number;
  support: Support;
  /** How many separate free-standing bodies the parts make. */
  bodies: number;
  /** Why there are so many of each: by role of a part or kind of a joint. */
  reasons: Readonly<Record<string, Fact>>;
  /** Lengths to be shown on the drawing beyond the overall ones. */
  marks: readonly Mark[];
}

/** A chain of points along one direction that the front view shows as a dimension string. */
export interface Mark {
  /** Along x for a chain under the drawing, along z for one beside it. */
  axis: 'x' | 'z';
  label: string;
  /** Coordinates on the axis, ascending: where the marks are drawn. */
  atMm: readonly number[];
  /** What a tape reads at them, where that differs from the axis (along a slope). */
  tapedMm?: readonly number[];
}
