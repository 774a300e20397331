import type { Bed } from '../bed';
import type { Frame } from '../frame';
import type { Path } from '../path';
import { BED, type BedPlace, type BedStand } from './bed';
import { BEDS, type BedsPlace, type BedsStand } from './beds';
import { PATH, type PathPlace, type PathStand } from './path';
import { RUN, type RunPlace, type RunStand } from './run';
import { SPOT, type SpotStand } from './spot';
import type { Elsewhere, Foothold, StandModule } from './stand-module';

/** Where a structure stands, as a plan says it. */
export type Stand = BedStand | BedsStand | PathStand | SpotStand | RunStand;
export type StandOn = Stand['on'];
/** A stand with the things it names: what a kind is told of where it stands. */
export type Place = BedPlace | BedsPlace | PathPlace | SpotStand | RunPlace;
export type PlaceOn<On extends StandOn> = Extract<Place, { on: On }>;
export type StandOf<On extends StandOn> = Extract<Stand, { on: On }>;

/** Every way of standing. A new one is a module and a line here, its schema at the door, and its words and handles in the interface. */
const STANDS: { readonly [On in StandOn]: StandModule<StandOf<On>, PlaceOn<On>> } = {
  bed: BED,
  beds: BEDS,
  path: PATH,
  spot: SPOT,
  run: RUN,
};

/** The module of a stand, or of its place, to be asked about that. @example standOf(stand).beds(stand) */
export const standOf = <On extends StandOn>(one: { readonly on: On }): StandModule<StandOf<On>, PlaceOn<On>> =>
  STANDS[one.on];

/** A stand, where it is of a way: for what is only asked of that one. @example asStand(stand, 'spot')?.at */
export const asStand = <On extends StandOn>(stand: Stand | undefined, on: On): StandOf<On> | null =>
  stand?.on === on ? (stand as StandOf<On>) : null;
/** A place likewise. @example asPlace(setting.place, 'beds')?.way */
export const asPlace = <On extends StandOn>(place: Place, on: On): PlaceOn<On> | null =>
  place.on === on ? (place as PlaceOn<On>) : null;

/** The beds a stand names. @example bedsNamed({ on: 'beds', beds: ['a', 'b'] }) // ['a', 'b'] */
export const bedsNamed = (stand: Stand): string[] =>
  standOf(stand)
    .beds(stand)
    .map(({ id }) => id);
/** The structure in whose run something stands. @example hostNamed({ on: 'run', of: 'fence', atMm: 900 }) // 'fence' */
export const hostNamed = (stand: Stand): string | null => standOf(stand).host(stand);
/** The path something goes along. */
export const pathOf = (stand: Stand): Path | null => standOf(stand).path(stand);

/** The frame of a structure: `startMm` is where its zero lies along the bed or the way it stands on, by a tape on the soil. */
export const frameOf = (place: Place, startMm: number): Frame => standOf(place).frame(place, startMm);
/** What is known of the ground where a structure stands. @example footholdOf(place).own?.heightMm */
export const footholdOf = (place: Place): Foothold => standOf(place).foothold(place);
/** The beds a structure stands on or beside. */
export const bedsOf = (place: Place): readonly Bed[] => footholdOf(place).beds;
/** The same way of standing somewhere else. @example elsewhere({ on: 'bed', bed: 'a' }, { byMm: [0, 0], called: () => 'b' }).bed // 'b' */
export const elsewhere = (stand: Stand, there: Elsewhere): Stand => standOf(stand).elsewhere(stand, there);
