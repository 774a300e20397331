import { gardenOnLeft, LEAST_LEG_MM, shortLeg, type Path, type PathSpot } from '../path';
import type { PlanSpot } from '../plot';
import type { Underfoot } from '../underfoot';
import { BEYOND_MM, NAMES_NOTHING, NO_FOOTHOLD, type StandModule } from './stand-module';

/** Along a path of corners on the plot. */
export interface PathStand extends Path {
  on: 'path';
  underfoot: Underfoot;
}
/** Gone along so that the garden lies on the left, whichever way it was drawn; heights are over the corner it is gone from. */
export interface PathPlace {
  on: 'path';
  spots: readonly PathSpot[];
  closed: boolean;
  underfoot: Underfoot;
}

export const PATH: StandModule<PathStand, PathPlace> = {
  ...NAMES_NOTHING,
  path: (stand) => stand,
  faults({ spots, closed }) {
    const short = shortLeg(spots, closed);
    return short
      ? [
          {
            field: `spots/${short.corner}`,
            why: `lies ${Math.round(short.mm)} from the next corner; the least is ${LEAST_LEG_MM}`,
          },
        ]
      : [];
  },
  place({ inside, spots, closed, underfoot }) {
    const round = gardenOnLeft(spots, closed, inside);
    const zero = round[0]?.groundMm ?? 0;
    return {
      on: 'path',
      spots: zero === 0 ? round : round.map((spot) => ({ ...spot, groundMm: spot.groundMm - zero })),
      closed,
      underfoot,
    };
  },
  about({ spots, closed }) {
    const corners = [...spots, ...(closed ? spots.slice(0, 1) : [])].map(({ xMm, yMm }): PlanSpot => [xMm, yMm]);
    return {
      pieces: corners.slice(1).map((to, i) => [corners[i] as PlanSpot, to]),
      beyondMm: BEYOND_MM,
    };
  },
  frame({ spots: [first] }) {
    return { xMm: first?.xMm ?? 0, yMm: first?.yMm ?? 0, turnDeg: 0, baseMm: 0 };
  },
  foothold: ({ underfoot }) => ({ ...NO_FOOTHOLD, underfoot }),
  spots: ({ spots }) => spots.map(({ xMm, yMm }): PlanSpot => [xMm, yMm]),
  elsewhere: (stand, { byMm: [x, y] }) => ({
    ...stand,
    spots: stand.spots.map((spot) => ({ ...spot, xMm: spot.xMm + x, yMm: spot.yMm + y })),
  }),
};
