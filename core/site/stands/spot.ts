import type { Placed } from '../plot';
import type { Underfoot } from '../underfoot';
import { NAMES_NOTHING, NO_FOOTHOLD, type StandModule } from './stand-module';

/** On open ground; nothing has to be found, so that its place is what the plan says. */
export interface SpotStand {
  on: 'spot';
  at: Placed;
  underfoot: Underfoot;
}

/** What stands on open ground is found from one place alone: the longest row of towers there can be, twenty of them 8′ apart (limits from memory). mm. */
const ABOUT_A_SPOT_MM = 47_000;

export const SPOT: StandModule<SpotStand, SpotStand> = {
  ...NAMES_NOTHING,
  place: (stand) => stand,
  about: ({ at }) => ({ pieces: [[[at.xMm, at.yMm]]], beyondMm: ABOUT_A_SPOT_MM }),
  frame: ({ at }) => ({ ...at, baseMm: 0 }),
  foothold: ({ underfoot }) => ({ ...NO_FOOTHOLD, underfoot }),
  spots: ({ at: { xMm, yMm } }) => [[xMm, yMm]],
  elsewhere: (stand, { byMm: [x, y] }) => ({
    ...stand,
    at: { ...stand.at, xMm: stand.at.xMm + x, yMm: stand.at.yMm + y },
  }),
};
