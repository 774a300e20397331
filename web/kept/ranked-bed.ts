import type { BedChoice } from '@lignum/core/choosing/where';

/** A bed as it was ranked for a crop, by its id: who asked has the plan. */
export type RankedBed = Pick<BedChoice, 'suits' | 'pro' | 'con'> & { bed: string };
