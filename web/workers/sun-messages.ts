import type { BedSun } from '@lignum/core/site/sun/study';
import type { Positions } from '@lignum/core/site/sun/positions';
import type { Plan } from '@lignum/core/plan/plan';

/** What the page asks of the sun worker: the whole season, or one month while something is being dragged. */
export interface SunQuestion {
  ask: number;
  plan: Plan;
  month: number | 'season';
  cellMm: number;
}

/** Better places for one support. */
export interface PlacesQuestion {
  ask: number;
  plan: Plan;
  places: { structure: string; month: number };
}

export type SunReply =
  | { ask: number; part: 'places'; positions: Positions | null }
  | { ask: number; part: 'progress'; share: number }
  | { ask: number; part: 'answer'; columns: number; rows: number; cellMm: number; hours: Float32Array; beds: readonly BedSun[]; month: number | 'season' };
