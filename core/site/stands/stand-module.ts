import type { Bed } from '../bed';
import type { Frame } from '../frame';
import type { Path } from '../path';
import type { PlanSpot } from '../plot';
import type { Underfoot } from '../underfoot';
import type { Opening } from './opening';

/** How what a stand names is found; what it names is there, because the door has seen to that. */
export interface Named {
  bed(id: string): Bed;
  /** The gap that the structure in whose run it stands leaves for it, with the name of that; its frame is on the plot. */
  gapIn(host: string): { host: string; opening: Opening };
}

/** How the things a stand names lie on the plot, in convex pieces. */
export interface Lying {
  bed(id: string): readonly PlanSpot[];
  structure(id: string): readonly (readonly PlanSpot[])[];
}

/** A field of a stand whose value will not do, and why. */
export interface Fault {
  field: string;
  why: string;
}

/** What a stand says of the ground, once what it names has been found. */
export interface Foothold {
  /** The beds it stands on or beside; soil and wind are those of the first. */
  beds: readonly Bed[];
  /** The bed whose soil it stands in, and with which it goes where that is moved. */
  own: Bed | null;
  /** Where there is no bed, what it stands on; what is under its bed where that is no soil. */
  underfoot: Underfoot | null;
  /** The gap of another it stands in. */
  gap: { host: string; opening: Opening } | null;
}

/**
 * One way of standing: a module each, listed once in `stands.ts`. It answers everything the rest of the house asks of
 * where something stands, so that nothing else has to know which way that is. `S` is what a plan says, `P` the same with
 * the things it names.
 */
export interface StandModule<S, P> {
  /** The beds it names, by the field that names each. */
  beds(stand: S): readonly { field: string; id: string }[];
  /** The structure in whose run it stands. */
  host(stand: S): string | null;
  /** Where along that. mm. */
  alongMm(stand: S): number;
  /** The path it goes along. */
  path(stand: S): Path | null;
  /** What of it cannot be built, whatever is built there. */
  faults(stand: S): readonly Fault[];
  /** The same with the things it names. */
  place(stand: S, named: Named): P;
  /** Where it is to be looked for before it has been sized: convex pieces of the plot, and how far beyond them. mm. */
  about(stand: S, lying: Lying): { pieces: readonly (readonly PlanSpot[])[]; beyondMm: number };
  /** The frame of a structure; `startMm` is where its zero lies along what it stands on, by a tape on the soil. */
  frame(place: P, startMm: number): Frame;
  foothold(place: P): Foothold;
  /** Places of the plot that it says itself, beside the things it names. */
  spots(stand: S): readonly PlanSpot[];
  /** The same somewhere else: so far along and up the plot, naming things as they are called there. mm. */
  elsewhere(stand: S, there: Elsewhere): S;
}

/** How far something is moved over the plot, mm, and what each thing is called where it comes to. */
export interface Elsewhere {
  byMm: PlanSpot;
  called(id: string): string;
}

/** What most ways of standing say to what is asked of a few. */
export const NAMES_NOTHING = {
  beds: () => [],
  host: () => null,
  alongMm: () => 0,
  path: () => null,
  faults: () => [],
  spots: () => [],
} satisfies Partial<StandModule<never, never>>;

export const NO_FOOTHOLD: Foothold = { beds: [], own: null, underfoot: null, gap: null };

/** Structures stay within about so much of what they stand on (from memory: feet of tepees, guys, eaves of arches). mm. */
export const BEYOND_MM = 500;
