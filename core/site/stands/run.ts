import type { Opening } from './opening';
import { NAMES_NOTHING, NO_FOOTHOLD, type StandModule } from './stand-module';

/** In the run of another structure, its middle so far along that. mm. */
export interface RunStand {
  on: 'run';
  of: string;
  atMm: number;
}
/** `host` is the name of the structure whose run it is. */
export interface RunPlace {
  on: 'run';
  host: string;
  opening: Opening;
}

export const RUN: StandModule<RunStand, RunPlace> = {
  ...NAMES_NOTHING,
  host: ({ of }) => of,
  alongMm: ({ atMm }) => atMm,
  place: ({ of }, named) => ({ on: 'run', ...named.gapIn(of) }),
  // What it stands in is looked for so far beyond already.
  about: ({ of }, lying) => ({ pieces: lying.structure(of), beyondMm: 0 }),
  frame: ({ opening }) => opening.at,
  foothold: ({ host, opening }) => ({ ...NO_FOOTHOLD, gap: { host, opening } }),
  elsewhere: (stand, { called }) => ({ ...stand, of: called(stand.of) }),
};
