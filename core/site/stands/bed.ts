import type { Bed } from '../bed';
import { onPlan } from '../plot';
import { BEYOND_MM, NAMES_NOTHING, NO_FOOTHOLD, type StandModule } from './stand-module';

/** On a bed. Where along and across it is a knob of the kind, because it has a reason. */
export interface BedStand {
  on: 'bed';
  bed: string;
}
export interface BedPlace {
  on: 'bed';
  bed: Bed;
}

export const BED: StandModule<BedStand, BedPlace> = {
  ...NAMES_NOTHING,
  beds: ({ bed }) => [{ field: 'bed', id: bed }],
  place: ({ bed }, named) => ({ on: 'bed', bed: named.bed(bed) }),
  about: ({ bed }, lying) => ({ pieces: [lying.bed(bed)], beyondMm: BEYOND_MM }),
  frame({ bed }, startMm) {
    const level = Math.cos(Math.asin(Math.max(-1, Math.min(1, bed.riseMm / bed.lengthMm))));
    const [xMm, yMm] = onPlan(bed, (startMm - bed.lengthMm / 2) * level, 0);
    return { xMm, yMm, turnDeg: bed.turnDeg, baseMm: bed.heightMm };
  },
  foothold: ({ bed }) => ({ ...NO_FOOTHOLD, beds: [bed], own: bed, underfoot: bed.underfoot ?? null }),
  elsewhere: (stand, { called }) => ({ ...stand, bed: called(stand.bed) }),
};
