import type { Tool } from '../building/tools';
import type { Cargo } from '../catalogue/cargo';
import type { Market } from '../catalogue/stock';
import type { PriceBook, ShedPiece } from '../costing/price-book';
import type { Crop } from '../crops/crop';
import type { Saw } from '../cutting/saw';
import type { Bed } from '../site/bed';
import type { Feature, Site } from '../site/plot';
import type { Stand } from '../site/stands/stands';
import type { Settings } from '../structures/knob';

export const PLAN_FORMAT = 'lignum-plan';
export const PLAN_VERSION = 8;

/**
 * What a gardener has written down about one garden: the document that is saved, exported and computed.
 * @example DEMO_PLAN.beds.length // the garden that ships
 */
export interface Plan {
  format: typeof PLAN_FORMAT;
  version: typeof PLAN_VERSION;
  garden: Garden;
  site: Site;
  beds: readonly Bed[];
  features: readonly Feature[];
  /** Crops the gardener has added, or changed under the table's id. */
  crops: readonly Crop[];
  plantings: readonly Planting[];
  structures: readonly StructurePlan[];
  priceBook: PriceBook;
  shed: readonly ShedPiece[];
  /** Who builds it, and when; the usual where it is left out. */
  work?: Work;
}

/** @example { name: 'The Ferry House', note: '', year: 2027, market: 'imperial', locale: 'en-IE', currency: 'EUR', reachMm: 2000 } */
export interface Garden {
  name: string;
  note: string;
  /** The season that is planned, by the year in which it begins. */
  year: number;
  /** Whose sizes it buys, which decides what is suggested. How lengths are written is each person's own. */
  market: Market;
  /** BCP 47 tag for numbers and money: "en-GB". */
  locale: string;
  /** ISO 4217. */
  currency: string;
  /** What the tallest user reaches from the ground. mm. */
  reachMm: number;
  /** The gardener's own saw, measured once; the usual one where it is left out. */
  saw?: Saw;
}

/**
 * Who builds a garden and on which days, what is left for later, and what has been fixed to a day.
 * @example { from: '2027-03-06', people: [{ name: 'Odile', weekdays: [6, 0], hours: 6 }], off: [], later: [], fixed: [], took: [] }
 */
export interface Work {
  /** No work is done before this day. */
  from: string;
  people: readonly Helper[];
  /** Days on which nobody works: rain, or away. */
  off: readonly string[];
  /** Structures that are left for later. */
  later: readonly string[];
  /** Tasks that stay on the day that somebody has put them on. */
  fixed: readonly { task: string; date: string }[];
  /** Tools that are hired or lent: they are there on these days alone. Others are there always. */
  lent?: readonly { tool: Tool; days: readonly string[] }[];
  /** What is brought, and on which day: nothing of it is used before. What is not named is there already. */
  brought?: readonly { cargo: Cargo; date: string }[];
  /** What days really took, beside what had been reckoned for them: the pace is learned from that. Minutes. */
  took: readonly { date: string; tookMin: number; reckonedMin: number }[];
}

/** Who helps, on which days of the week (0 is Sunday) and for how long. */
export interface Helper {
  name: string;
  weekdays: readonly number[];
  hours: number;
}

/** @example { id: 'p1', bed: 'yard-bed', crop: 'tomato', training: 'unpruned', count: 6, year: 2027, planted: '2027-05-12' } */
export interface Planting {
  id: string;
  /** What it grows in: a bed, or a planter (a structure), which is a bed of its own. */
  bed: string;
  /** The stretch of it that it takes, from the near end: both are said or none, and where none is it may be any of it. mm. */
  fromMm?: number;
  toMm?: number;
  crop: string;
  training: string;
  count: number;
  /** The season in which it was sown or planted; what lives for years grows on in those after it. */
  year: number;
  /** Days on which that was done: "2027-05-12". What was planned goes by the warmth of the place until one is said. */
  sown?: string;
  planted?: string;
  /** When it was cleared. */
  cleared?: string;
}

/** @example { id: 's1', kind: 'panel-wall', name: 'Bean wall', stand: { on: 'bed', bed: 'yard-bed' }, plantings: ['p1'], knobs: { gap: 305 } } */
export interface StructurePlan {
  id: string;
  kind: string;
  name: string;
  stand: Stand;
  /** Plantings it carries, in the order they stand along the row. */
  plantings: readonly string[];
  /** Only the knobs set by hand. */
  knobs: Settings;
  /** What was measured of it as the kind it was then, mm: laid over by {@link withReadings}, never kept. */
  measured?: { kind: string; mm: Readonly<Record<string, number>> };
}
