import type { Look } from '../catalogue/stock';
import type { Stage } from '../work/stage';

/** A point of a view in millimetres: right and up are positive. */
export type Spot = readonly [right: number, up: number];

/** What a line means; the adapters decide its weight and colour. */
export type Ink =
  | Look
  | Stage
  | 'outline'
  | 'hidden'
  | 'ground'
  | 'soil'
  | 'crop'
  | 'bed'
  | 'wall'
  | 'station'
  | 'fixing'
  | 'driven'
  | 'edge'
  | 'beside'
  | 'stands'
  | 'plate'
  | 'hardware'
  | 'cord'
  | 'air';

export type Primitive =
  | { draw: 'shape'; points: readonly Spot[]; ink: Ink; part?: string }
  /** One shape in many places: its points are from where each copy stands. */
  | { draw: 'copies'; points: readonly Spot[]; at: readonly Spot[]; ink: Ink }
  | { draw: 'lines'; lines: readonly (readonly Spot[])[]; ink: Ink; part?: string }
  | { draw: 'dot'; at: Spot; ink: Ink; part?: string }
  | { draw: 'crow foot'; at: Spot; ink: Ink }
  /** The number of a post, under its foot or beside it. */
  | { draw: 'number'; at: Spot; ink: Ink; text: string; lies: 'under' | 'beside' };

/** A string of dimensions: under the drawing (x) or to its left (z). Lengths are said later, in the gardener's units. */
export interface Chain {
  axis: 'x' | 'z';
  label: string;
  /** Its figures are those of a tape on a slope, not of the level that is drawn. */
  onSoil?: true;
  /** Where the marks stand in the view, ascending. */
  atMm: readonly number[];
  /** What a tape reads at each of them. */
  tapedMm: readonly number[];
}

/** Where a length knob can be pulled in a view: a millimetre of the view is worth `perMm` of the knob. */
export interface Pull {
  knob: string;
  at: Spot;
  axis: 'right' | 'up';
  perMm: number;
}

export interface View {
  id: string;
  title: string;
  primitives: readonly Primitive[];
  chains: readonly Chain[];
  pulls: readonly Pull[];
  box: { left: number; right: number; bottom: number; top: number };
  /** A round window: what lies outside is not shown. */
  lens?: { at: Spot; radiusMm: number };
}
