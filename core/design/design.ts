import type { Carries } from '../catalogue/stock';
import type { Curve } from '../geometry/curve';
import type { Point } from '../geometry/space';
import type { Terrain } from '../site/ground';
import type { Fact } from '../wording/say';
import type { Listed } from './listed';
import type { Part } from './shapes/shapes';
import type { Standing } from './standing';
import type { Traits } from './traits';

/**
 * A board ripped along its length. Strips lie from its first edge across; kerfs are between them. mm. Decision 6.
 * @example { id: 'board-1', stock: '2x8', lengthMm: 2438, wideMm: 184, kerfMm: 3, strips: [upright, beam], guides: [] }
 */
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

/**
 * How a screw, nail, eye or staple goes in, as its kind states it: what is under its head, what holds its
 * point, and the way of the point. Where heads sit is worked out from where the two touch, or stated.
 * @example { through: 'rail-1', into: 'post-2', way: [0, 1, 0] } // where the heads sit follows from what the two share
 */
export interface Drive {
  /** null where nothing is under its head: an eye, a nail that is left proud. */
  through: string | null;
  /** null where that is no part of the design: a wall, a slab; where the heads sit is stated then. */
  into: string | null;
  way: Point;
  /** Where the heads sit, where that is not worked out. */
  places?: readonly Point[];
  /** Set along an edge by eye, so far apart as is said: nobody marks staples on a tape. */
  byEye?: true;
  /** A nail that is given a pilot hole, where the stock would split; whatever has a thread has one anyway. */
  drilled?: true;
  /** Left a turn loose: what it goes through turns on it. */
  turns?: true;
  /** What it goes through first that is not a part of the design: the board of a bed. mm. */
  skipMm?: number;
}

/**
 * One fixing as it is set: its head, the way of its point, how long and thick it is, and the pilot hole that it
 * wants. mm.
 * @example { at: [0, -38, 900], way: [0, 1, 0], through: 'rail-1', into: 'post-2', longMm: 65, thickMm: 5, pilotMm: 3.5 }
 */
export interface Driven {
  at: Point;
  way: Point;
  through: string | null;
  /** null where that is no part of the design: a wall, a slab. */
  into: string | null;
  longMm: number;
  thickMm: number;
  /** null where none is wanted. */
  pilotMm: number | null;
}

/**
 * Small things that hold a joint, counted where they are used. `eachMm` is the length of wire or twine one takes.
 * @example { stock: 'screw-short', count: 2, drive: { through: 'rail-1', into: 'post-2', way: [0, 1, 0] } }
 */
export interface Fixing {
  stock: string;
  count: number;
  eachMm?: number;
  drive?: Drive;
  /** Of a bracket, a hinge or a latch: how its metal lies, one chain for each. */
  plates?: readonly (readonly Point[])[];
  /** Each of them as it is set; worked out of `drive`. */
  driven?: readonly Driven[];
}

/** By what two parts are held to each other. */
export const HOLDS_BY = [
  'screwed',
  'bolted',
  'nailed',
  'stapled',
  'clipped',
  'hinged',
  'tied',
  'lashed',
  'pegged',
  'through a hole',
  'cast in',
  'bearing',
] as const;
/** @example 'bearing' // nothing that is bought: one lies on the other */
export type HeldBy = (typeof HOLDS_BY)[number];

/** @example { id: 'rail-1-post-2', kind: 'rail to post', places: [[2438, 0, 900]], parts: ['rail-1', 'post-2'], fixings: [twoScrews] } */
export interface Joint {
  id: string;
  /** The kind of joint, which the bill groups by and the reasons name: "panel to post". */
  kind: string;
  /** Where its fixings sit, one point for each or for those set together. Each of its parts passes through one of them. */
  places: readonly Point[];
  parts: readonly string[];
  fixings: readonly Fixing[];
  /** What holds it, where that is not what its fixings say: a cord that is its own knot, what only lies on another. */
  by?: HeldBy;
}

/**
 * Where a plant stands.
 * @example { id: 'plant-1-p1-1', crop: 'pole-bean', planting: 'p1', at: [76, 0, 0], alongMm: 76, side: 'front', spacingMm: 152, growsMm: 2400, heldToMm: 2000, stem }
 */
export interface Station {
  id: string;
  crop: string;
  planting: string;
  at: Point;
  /** By a tape on the soil, from the start of the row. */
  alongMm: number;
  side: 'front' | 'back' | 'in line' | 'round' | 'pocket';
  /** Stem to stem, as the planting is trained. */
  spacingMm: number;
  /** How high it grows, and how high it is to be held, along its stem. */
  growsMm: number;
  heldToMm: number;
  /** A place that nobody is planned for: it is shown, and nothing is bought for it. */
  spare?: true;
  /** What the stem follows from its foot: plumb, or up what it leans on. */
  stem: Curve;
}

/** The places that a plant is planned for. */
export const plantsOf = ({ stations }: { stations: readonly Station[] }): Station[] =>
  stations.filter((station) => !station.spare);

/**
 * One way of seeing a design: what is to the right and what is up on the paper.
 * @example { id: 'end', title: 'From the end', right: [0, 1, 0], up: UP, eye: [-1, 0, 0], origin: [0, 0, 0], as: 'upright', square: false, nearest: true, soil }
 */
export interface ViewFrame<V extends string = string> {
  id: V;
  title: string;
  right: Point;
  up: Point;
  /** The way to the eye. */
  eye: Point;
  /** What comes to lie in the origin of the drawing. */
  origin: Point;
  /** From above, beds and plants are seen as outlines. */
  as: 'upright' | 'above';
  /** Sheets are seen square, with all their wires; else their edges are drawn. */
  square: boolean;
  /** What stands behind another of its role is left out: the near post hides the far ones. */
  nearest: boolean;
  /** The soil in an upright view, left to right in its own coordinates; it goes on as it ends. */
  soil: readonly (readonly [right: number, up: number])[];
  /** Where the face of a wall stands in an upright view, beyond which it goes on to the right. */
  wallMm?: number;
  /** Only these parts are seen: one side of a fence. */
  only?: readonly string[];
}

/**
 * What plants hold on to.
 * @example { by: 'string', meshMm: null, memberMm: 3, stepMm: 300, fineToMm: 0, carries: 'heavy', startsMm: 0, gapMm: 0, topMm: { least: 2000, most: 2000 }, could }
 */
export interface Hold {
  by: 'mesh' | 'string' | 'poles' | 'passes' | 'cage' | 'wires';
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
  /** How high it goes where it is lowest and where it is highest: up a plant's own stem. */
  topMm: { least: number; most: number };
  /** What its kind could be made to here, of what is on sale: how high, how stiff, and whether a finer net could be added. */
  could: { topMm: number; carries: Carries; net: boolean };
}

/**
 * A length knob that can be pulled where it shows: in which view, where (in the view's coordinates), and what a
 * millimetre of pull is worth.
 * @example { knob: 'height', view: 'elevation', at: [0, 1800], axis: 'up', perMm: 1 }
 */
export interface Handle<V extends string = string> {
  knob: string;
  view: V;
  at: readonly [right: number, up: number];
  axis: 'right' | 'up';
  perMm: number;
}

/**
 * What is clear between two posts: what was meant, the least and most a tape may say, and what it said; of what it said
 * outside of that nothing follows. mm.
 * @example { plannedMm: 1715, leastMm: 857, mostMm: 2572, saidMm: 1549, isMeasured: true }
 */
export interface BayAsStood {
  plannedMm: number;
  leastMm: number;
  mostMm: number;
  saidMm: number | null;
  isMeasured: boolean;
}

/** @example parts.filter(({ role }) => role === 'post') // everything else is asked of its parts */
export interface Design {
  kind: string;
  /** What its roles are to the rest of the house: said by its kind beside their names. */
  traits: Traits;
  parts: readonly Part[];
  joints: readonly Joint[];
  stations: readonly Station[];
  ground: Terrain;
  /** How far what stands level is packed up from under it where the ground is lowest: sides on a floor that falls. mm. */
  packedUpMm?: number;
  /** Length as built, by a tape on the soil. */
  builtMm: number;
  /** How long it was asked to be, where it is built in whole steps: of a mesh. */
  wish?: { askedMm: number; stepMm: number };
  /** Where its zero lies: so far along the bed or the way it stands on, by a tape. */
  startMm: number;
  /** What stands in the soil, of the parts that say how; none where nothing is let into it. */
  posts: readonly Standing[];
  /** What plants hold on to; null for what carries none. */
  hold: Hold | null;
  /** The ways it is seen, the first being the one that says most. */
  views: readonly ViewFrame[];
  /** How many separate free-standing bodies the parts make. */
  bodies: number;
  /** Why there are so many of each: by role of a part or kind of a joint. */
  reasons: Readonly<Record<string, Fact>>;
  /** Lengths to be shown on the drawing beyond the overall ones. */
  marks: readonly Mark[];
  handles: readonly Handle[];
  /**
   * The bays of what stands on a line of posts, in order: between centres and clear of the posts, level or on the soil,
   * and how far the soil rises; `asStood` where a tape may say what is clear once they stand. mm.
   */
  bays?: readonly {
    name: string;
    posts: readonly [string, string];
    /** The structure that stands in it, where it is left open. */
    guest: string | null;
    run: number;
    fromMm: number;
    centresMm: number;
    clearMm: number;
    riseMm: number;
    /** It is told by a tape laid on the soil. */
    onSoil?: true;
    asStood?: BayAsStood;
  }[];
  /** Of what is walked into, and of the sides of a bed: the corners of its walls in order. What stands inside them does not stand in its place. */
  walls?: readonly (readonly [x: number, y: number])[];
  /** Of a planter: how many plants it is made for, which are not those of a bed. */
  roomFor?: number;
  /** Of what is gone through: the middle of its doorway on the soil, and whether its leaf swings to the front or the back. */
  doorway?: { at: readonly [x: number, y: number]; swings: 'front' | 'back' };
  /** Outlines on the soil beyond the bed's own: a ring bed. */
  traces?: readonly (readonly Point[])[];
  boards?: readonly RippedBoard[];
  /** What is bought whole and gives several parts, which name it as their board: a pallet. */
  kits?: readonly { id: string; role: string; stock: string }[];
  /** Soil to be loosened or dug out. */
  dug?: { what: string; mm3: number };
}

/**
 * A length knob that can be pulled at a place in space that a view shows; a millimetre of pull is one of the knob,
 * where nothing else is said.
 * @example { knob: 'height', view: 'elevation', at: posts[0].to, axis: 'up' }
 */
export interface Pull<V extends string = string> {
  knob: string;
  view: V;
  at: Point;
  axis: Handle['axis'];
  perMm?: number;
}

/**
 * A design as its kind places it, before the house adds what its names say and what follows from its parts. Chains
 * and pulls name a view that is there.
 * @example placed({ parts, joints, ground, builtMm: 2438, views: rowViews(…), reasons, marks: [], handles: [] })
 */
export interface Placement<V extends string = string> extends Omit<
  Design,
  'kind' | 'traits' | 'posts' | 'bodies' | 'views' | 'marks' | 'handles' | 'stations' | 'startMm' | 'hold'
> {
  views: readonly ViewFrame<V>[];
  marks: Listed<Mark<NoInfer<V>>>;
  handles: Listed<Pull<NoInfer<V>>>;
  /** None where there are none of these: plants, a start along its bed, what plants hold on to. */
  stations?: readonly Station[];
  startMm?: number;
  hold?: Hold | null;
}

/** A placement whose chains and pulls are held to its own views. */
export const placed = <const V extends string>(placement: Placement<V>): Placement => placement;

/**
 * A chain of points along one direction that a view shows as a dimension string.
 * @example { view: 'elevation', axis: 'x', label: 'posts', atMm: [0, 2438, 4877] }
 */
export interface Mark<V extends string = string> {
  view: V;
  /** Along x for a chain under the drawing, along z for one beside it. */
  axis: 'x' | 'z';
  label: string;
  /** Coordinates on the axis, ascending: where the marks are drawn. */
  atMm: readonly number[];
  /** What a tape reads at them, where that differs from the axis (along a slope). */
  tapedMm?: readonly number[];
}
