import type { BedSun } from '@lignum/core/site/sun/study';
import type { Plan } from '@lignum/core/plan/plan';

/** What the page asks of the sun worker: the whole season, or one month while something is being dragged. */
export interface SunQuestion {
  ask: number;
  plan: Plan;
  month: number | 'season';
  cellMm: number;
}

export type SunReply =
  | { ask: number; part: 'progress'; share: number }
  | { ask: number; part: 'answer'; columns: number; rows: number; cellMm: number; hours: Float32Array; beds: readonly BedSun[]; month: number | 'season' };
