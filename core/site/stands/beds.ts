import type { Bed } from '../bed';
import { onPlan } from '../plot';
import { wayBetween, type Way } from '../way';
import { BEYOND_MM, NAMES_NOTHING, NO_FOOTHOLD, type StandModule } from './stand-module';

/** Over the way between two beds that lie side by side. */
export interface BedsStand {
  on: 'beds';
  beds: readonly [string, string];
}
export interface BedsPlace {
  on: 'beds';
  beds: readonly [Bed, Bed];
  way: Way;
}

export const BEDS: StandModule<BedsStand, BedsPlace> = {
  ...NAMES_NOTHING,
  beds: ({ beds }) => beds.map((id, n) => ({ field: `beds/${n}`, id })),
  place({ beds: [a, b] }, named) {
    const beds = [named.bed(a), named.bed(b)] as const;
    return { on: 'beds', beds, way: wayBetween(...beds) };
  },
  about: ({ beds }, lying) => ({ pieces: [beds.flatMap((id) => lying.bed(id))], beyondMm: BEYOND_MM }),
  frame({ way: { at, lengthMm } }, startMm) {
    const [xMm, yMm] = onPlan(at, startMm - lengthMm / 2, 0);
    return { xMm, yMm, turnDeg: at.turnDeg, baseMm: 0 };
  },
  foothold: ({ beds }) => ({ ...NO_FOOTHOLD, beds }),
  elsewhere: (stand, { called }) => ({ ...stand, beds: [called(stand.beds[0]), called(stand.beds[1])] }),
};
