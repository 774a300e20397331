import type { SmallPlan } from './small-plan';

/** A garden as the home screen shows it. */
export interface GardenCard {
  id: string;
  name: string;
  note: string;
  savedAt: string;
  beds: number;
  structures: number;
  /** What it looks like from above; null where its plan cannot be brought up to date. */
  plan: SmallPlan | null;
}

/** A garden that was thrown away and can still be put back. */
export interface BinnedGarden {
  id: string;
  name: string;
  binnedAt: string;
}
