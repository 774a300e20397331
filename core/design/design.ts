import type { Carries } from '../catalogue/stock';
import type { Fact } from '../wording/say';
import type { Ground, Point } from '../geometry/space';

/**
 * How the end of a bar is cut. A mitre slants across the wide face, an angle across the narrow one
 * (longer on the side that `wide` or the thickness points to when positive); a notch takes part of
 * the thickness away over a length, from the side the thickness points to (1) or the other (-1), so
 * that two bars lie in one plane.
 */
export type EndCut =
  | { cut: 'square' }
  | { cut: 'mitre'; angleRad: number }
  | { cut: 'angle'; angleRad: number }
  | { cut: 'notch'; longMm: number; deepMm: number; off: 1 | -1 }
  | { cut: 'as bought' };

export interface Hole {
  /** From the bar's first end, along it, to the centre. */
  atMm: number;
  diameterMm: number;
}

export type Role =
  | 'post'
  | 'pole'
  | 'stake'
  | 'cane'
  | 'beam'
  | 'cross arm'
  | 'rail'
  | 'stile'
  | 'slat'
  | 'frame side'
  | 'brace'
  | 'panel'
  | 'shelf'
  | 'fine mesh'
  | 'mesh'
  | 'wind skirt'
  | 'line wire'
  | 'guy wire'
  | 'chain'
  | 'string'
  | 'lashing'
  | 'ladder string'
  | 'pass'
  | 'thread'
  | 'concrete'
  | 'gravel';

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
  round?: boolean;
  /** The board it is ripped from, when it is not cut from a length of its own. */
  board?: string;
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
  /** The strip that the panel is bought for, when this one is split from the same panel. */
  board?: string;
}

export interface Line extends PartBase {
  shape: 'line';
  path: readonly Point[];
  diameterMm: number;
}

/** Poured into a round hole about a post; `cutMm` is how deep the layer is. `crownMm` stands above it, drawn down to the rim. */
export interface Fill extends PartBase {
  shape: 'fill';
  bottom: Point;
  diameterMm: number;
  crownMm: number;
  /** In place, the post taken off. */
  litres: number;
}

export type Part = Bar | Sheet | Line | Fill;

/** A board ripped along its length. Strips lie from its first edge across; kerfs are between them. mm. */
export interface RippedBoard {
  id: string;
  stock: string;
  lengthMm: number;
  wideMm: number;
  kerfMm: number;
  strips: readonly {
    name: string;
    fromMm: number;
    wideMm: number;
    edges: 'one factory edge' | 'both sawn';
    pieces: readonly { part: string; atMm: number; lengthMm: number }[];
  }[];
  /** Where the guide is clamped for each cut: from which edge, how far the strip and the guide are from it. */
  guides: readonly { cut: number; from: 'first edge' | 'second edge'; stripMm: number; guideMm: number }[];
}

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
  /** Where its fixings sit, one point for each or for those set together. Each of its parts passes through one of them. */
  places: readonly Point[];
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
  side: 'front' | 'back' | 'in line' | 'round';
  /** Stem to stem, as the planting is trained. */
  spacingMm: number;
  /** How high it grows, and how high it is to be held. */
  growsMm: number;
  heldToMm: number;
}

/** What the checks need to know about a support, whatever its kind. */
export interface Support {
  holds: 'mesh' | 'string' | 'poles' | 'passes';
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
  posts: readonly Standing[];
  /** Where the rows of support stand across the bed, 0 being its middle. */
  rowsAtMm: readonly number[];
  bothSides: boolean;
  /** What is left loose at the foot of a string; where there are strings that a plant is tied to. */
  slackMm?: number;
  /** Eyes and holes that had to move off a fixing, how far at most, and those that found no room. */
  holes?: { moved: number; mostMm: number; clashing: number };
  /** Rails: the post with most of its rails broken on it. */
  splices?: { broken: number; rails: number };
  /** Panels between posts: what one measures, what is clear, and what would be clear if timber were as thick as it is called. */
  bay?: { panelMm: number; clearMm: number; nominalClearMm: number; posts: number };
  /** Panel pieces that are not cut beside a wire. */
  cutOffWire?: number;
  /** Panels laid along a slope: how far their tops stand off plumb end posts. */
  leansMm?: number;
  /** What carries panels on rails. */
  fixedBy?: 'screws' | 'staples';
  /** Free-standing frames: from the foot line to the middle, and how high. */
  tips?: { halfBaseMm: number; heightMm: number };
  folds?: { longMm: number; wideMm: number; thickMm: number };
  /** Tightened wires: pull, what it stretches the longest, and its share of what makes the wire give. */
  guys?: { tensionN: number; stretchMm: number; yieldShare: number };
  /** Nails round a frame: the interval asked for, and the one set that is farthest from it. */
  nails?: { askedMm: number; setMm: number };
  /** A board that is ripped into a whole frame: how long it has to be, and is. */
  boardFits?: { wantedMm: number; longestMm: number };
}

/** One post as it stands. */
export interface Standing {
  id: string;
  aboveMm: number;
  buriedMm: number;
  wantedMm: number;
  /** How much longer it would have to be than the longest on sale; nought where one is long enough. */
  shortMm: number;
  set: 'driven' | 'let in' | 'concrete' | 'pushed' | 'screwed';
}

/** A length knob that can be pulled where it shows: in which view, where, and what a millimetre of pull is worth. */
export interface Handle {
  knob: string;
  view: 'elevation' | 'plan' | 'end';
  at: readonly [right: number, up: number];
  axis: 'right' | 'up';
  perMm: number;
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
  handles: readonly Handle[];
  /** Outlines on the soil beyond the bed's own: a ring bed. */
  traces?: readonly (readonly Point[])[];
  boards?: readonly RippedBoard[];
  /** Soil to be loosened or dug out. */
  dug?: { what: string; mm3: number };
}

/** A chain of points along one direction that a view (the front where none is named) shows as a dimension string. */
export interface Mark {
  view?: 'plan' | 'end';
  /** Along x for a chain under the drawing, along z for one beside it. */
  axis: 'x' | 'z';
  label: string;
  /** Coordinates on the axis, ascending: where the marks are drawn. */
  atMm: readonly number[];
  /** What a tape reads at them, where that differs from the axis (along a slope). */
  tapedMm?: readonly number[];
}
