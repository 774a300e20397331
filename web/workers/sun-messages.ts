import type { BedSun, Directions } from '@lignum/core/shade/study';
import type { Position } from '@lignum/core/shade/positions';
import type { Plan } from '@lignum/core/plan/plan';

/** What the plot asks of the sun worker: the whole season, or one month while something is being dragged. */
export interface HoursQuestion {
  about: 'hours';
  plan: Plan;
  month: number | 'season';
  cellMm: number;
  /** What stands of each structure, part by part, where only that throws shadows; null where all of it does. */
  standing: Readonly<Record<string, readonly string[]>> | null;
}

/** How one support does as it lies and turned, and better places for it; null where it stands on no bed that could be moved. */
export interface PlacesQuestion {
  about: 'places';
  plan: Plan;
  structure: string;
  month: number;
}

export interface HoursAnswer {
  columns: number;
  rows: number;
  cellMm: number;
  hours: Float32Array;
  beds: readonly BedSun[];
  month: number | 'season';
}

export type PlacesAnswer = (Directions & { better: readonly Position[] }) | null;
