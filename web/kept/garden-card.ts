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

/** How gardens are looked through: words that stand in their name or note, their order, and which page of them. */
export interface Asked {
  seek: string;
  by: GardenOrder;
  /** From 1. */
  page: number;
}
export const ORDERS = ['saved', 'name', 'made'] as const;
export type GardenOrder = (typeof ORDERS)[number];

/** So many gardens are a page. */
export const A_PAGE = 12;

/** A page of the gardens that were asked for, and how many those are; how many there are in all. */
export interface GardenPage {
  asked: Asked;
  gardens: readonly GardenCard[];
  found: number;
  all: number;
}

/** A garden that was thrown away and can still be put back. */
export interface BinnedGarden {
  id: string;
  name: string;
  binnedAt: string;
}
