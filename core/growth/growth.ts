import type { Crop } from '../crops/crop';
import type { MonthlyMeans } from '../site/monthly-means';
import type { Site } from '../site/plot';
import { dayOfYear } from '../site/sun/season';
import { dayWarm, warmthBetween, warmthOf } from './degree-days';

/** Where and when a crop grows. Decision 31. */
export type Climate = Pick<Site, 'latitudeDeg' | 'monthlyC' | 'lastFrost' | 'firstFrost'>;

/** What of a crop decides when it does what. */
export type Growing = Pick<Crop, 'hardiness' | 'sow' | 'daysToCrop' | 'baseC' | 'years' | 'startsOn'>;

/**
 * The season for which days and weeks of the crop table are told: a temperate one with warm summers. What a crop
 * needs in it, in degree days, it needs everywhere. From memory: packets do not say where theirs were counted.
 */
export const TOLD_FOR: { lastFrost: string; monthlyC: MonthlyMeans } = {
  lastFrost: '05-10',
  monthlyC: {
    max: [1, 3, 8, 14, 19.5, 23.5, 25.5, 25, 20.5, 14.5, 8, 3],
    min: [-5, -4.5, -1, 4, 9, 13, 15, 14.5, 10.5, 5.5, 1, -3],
  },
};

const YEAR = 365;
/** Share of the way from sowing to the first picking at which what is sown every year flowers (from memory). */
const FLOWERS_AT = 0.55;
/** What stands through the winter has all its leaves so long after its buds break (from memory). Days of the season told for. */
const IN_LEAF_DAYS = 42;
/** What is hardy stands on after the first frost (from memory). Days. */
const HARDY_STANDS = 30;
/** Leaves fall, and tops die back, so long after it (from memory). Days. */
const LEAVES_FALL = 14;
/** Twigs without leaves (from memory). */
const BARE = 0.2;

/**
 * A crop's year at a place. Days from 1 January, counted on past the end of the year where it goes on into the next;
 * null where it does not get so far.
 */
export interface CropYear {
  /** Sown or planted out; of what lives for years, its buds' breaking. */
  starts: number;
  /** As large as it gets. */
  grown: number | null;
  flowers: number | null;
  pickedFrom: number | null;
  pickedTo: number | null;
  /** Killed by frost or cleared; of what lives for years, when its leaves fall. */
  ends: number;
}

const known = new WeakMap<MonthlyMeans, Map<string, CropYear>>();

/** When a crop does what, by the warmth of the place. */
export function yearOf(crop: Growing, site: Climate): CropYear {
  const years = known.get(site.monthlyC) ?? new Map<string, CropYear>();
  known.set(site.monthlyC, years);
  const key = JSON.stringify([
    crop.hardiness,
    crop.sow,
    crop.daysToCrop,
    crop.baseC,
    crop.years,
    crop.startsOn,
    site.lastFrost,
    site.firstFrost,
    site.latitudeDeg < 0,
  ]);
  const before = years.get(key);
  if (before) return before;
  const year = crop.years ? perennialYear(crop, crop.years, site) : annualYear(crop, site);
  years.set(key, year);
  return year;
}

/** The first of a day of the year that is not before another. */
const notBefore = (day: number, from: number): number => from + ((((day - from) % YEAR) + YEAR) % YEAR);

/** A day of the year as the one of it that lies nearest another: what is sown in November stands in the spring after. */
const nearest = (day: number, to: number): number => day + YEAR * Math.round((to - day) / YEAR);

/** From when warmth counts for what has rested through the winter: 15 February, 15 August in the south (from memory). Whether a winter is cold enough for buds to break at all is not reckoned, nor the length of days. */
const RESTED = { north: 45, south: 226 };

const restedOf = ({ latitudeDeg }: Pick<Site, 'latitudeDeg'>): number =>
  latitudeDeg < 0 ? RESTED.south : RESTED.north;
/** What is sown so early is sown in autumn: it roots, and waits for spring (from memory). Weeks from the last frost. */
const IN_AUTUMN_WEEKS = -16;

function annualYear(crop: Growing, site: Climate): CropYear {
  const [there, here] = [warmthOf(TOLD_FOR.monthlyC, crop.baseC), warmthOf(site.monthlyC, crop.baseC)];
  const told = dayOfYear(TOLD_FOR.lastFrost) + crop.sow.from * 7;
  const frost = dayOfYear(site.lastFrost);
  const starts = crop.startsOn === undefined ? frost + crop.sow.from * 7 : nearest(dayOfYear(crop.startsOn), frost);
  const lastSown = crop.startsOn === undefined ? frost + crop.sow.to * 7 : starts;
  // What is sown in autumn stands through the frosts of its first winter.
  const ends =
    notBefore(dayOfYear(site.firstFrost), Math.max(starts, frost)) + (crop.hardiness === 'tender' ? 0 : HARDY_STANDS);
  const [toldInAutumn, inAutumn] = [crop.sow.from <= IN_AUTUMN_WEEKS, starts <= frost + IN_AUTUMN_WEEKS * 7];
  const counts = inAutumn ? restedOf(site) : starts;
  const warmth = (days: number): number => warmthBetween(there, toldInAutumn ? RESTED.north : told, told + days);
  const byThen = (from: number, needed: number): number | null => {
    const day = dayWarm(here, from, needed);
    return day === null || day > ends ? null : day;
  };
  const full = warmth(crop.daysToCrop.least);
  const pickedFrom = byThen(counts, full);
  return {
    starts,
    grown: pickedFrom,
    flowers: byThen(counts, FLOWERS_AT * full),
    pickedFrom,
    pickedTo: pickedFrom === null ? null : (byThen(inAutumn ? counts : lastSown, warmth(crop.daysToCrop.most)) ?? ends),
    ends,
  };
}

function perennialYear(crop: Growing, years: NonNullable<Crop['years']>, site: Climate): CropYear {
  const [there, here] = [warmthOf(TOLD_FOR.monthlyC, crop.baseC), warmthOf(site.monthlyC, crop.baseC)];
  const rested = restedOf(site);
  const frost = dayOfYear(TOLD_FOR.lastFrost);
  const buds = frost + years.budsWeek * 7;
  const flowers = years.flowersWeek === null ? null : frost + years.flowersWeek * 7;
  const ripe = (flowers ?? buds) + crop.daysToCrop.least;
  const when = (told: number): number | null => dayWarm(here, rested, warmthBetween(there, RESTED.north, told));
  const starts = when(buds) ?? notBefore(dayOfYear(site.lastFrost), rested);
  const ends = notBefore(dayOfYear(site.firstFrost), starts) + LEAVES_FALL;
  const byThen = (day: number | null): number | null => (day === null || day > ends ? null : day);
  const pickedFrom = byThen(when(ripe));
  return {
    starts,
    grown: when(years.winter === 'stands' ? buds + IN_LEAF_DAYS : (flowers ?? ripe)),
    flowers: flowers === null ? null : byThen(when(flowers)),
    pickedFrom,
    pickedTo: pickedFrom === null ? null : (byThen(when(ripe + years.picksForDays)) ?? ends),
    ends,
  };
}

/**
 * Share of full size at a share of the warmth that takes it there: starts slowly, fastest halfway, ends slowly (Yin
 * and others 2003, "A flexible sigmoid function of determinate growth", Annals of Botany 91: 361–371; with its fastest
 * growth halfway).
 */
export const sizeAt = (share: number): number => {
  const t = Math.min(1, Math.max(0, share));
  return (3 - 2 * t) * t ** 2;
};

/** The share of the warmth by which a share of full size is reached: {@link sizeAt} turned round (trisection of the angle). */
export const warmthAt = (size: number): number => 0.5 - Math.sin(Math.asin(1 - 2 * size) / 3);

/** How far a crop has grown on a day of the year: its height and its leaves, 0 to 1 of their most. */
export function grownShare(crop: Growing, day: number, site: Climate): { height: number; leaf: number } {
  const { starts, grown, ends } = yearOf(crop, site);
  const days = warmthOf(site.monthlyC, crop.baseC);
  const at = notBefore(day, starts);
  const size =
    // Counted from its start, its last day may come out a hair later.
    at > ends + 1e-6
      ? 0
      : grown !== null && at >= grown
        ? 1
        : sizeAt(warmthBetween(days, starts, at) / Math.max(1e-9, fullWarmth(crop, starts, grown, days)));
  return crop.years?.winter === 'stands' ? { height: 1, leaf: BARE + (1 - BARE) * size } : { height: size, leaf: size };
}

/** What takes it from its start to its full size; where a year is too cold for it, what would. */
const fullWarmth = (crop: Growing, starts: number, grown: number | null, days: readonly number[]): number => {
  if (grown !== null) return warmthBetween(days, starts, grown);
  const told = dayOfYear(TOLD_FOR.lastFrost) + (crop.years ? crop.years.budsWeek : crop.sow.from) * 7;
  return warmthBetween(warmthOf(TOLD_FOR.monthlyC, crop.baseC), told, told + crop.daysToCrop.least);
};

/** How leafy a plant is to light and wind, as a share of full leaf: even bare stems are something (from memory). */
export const leafyShare = (leaf: number): number => Math.min(1, 0.3 + 0.7 * leaf);

/** The day on which a crop grows past a height, from 1 January; null where it does not before it ends, or stands so high all year. */
export function dayAtHeight(crop: Growing & Pick<Crop, 'heightMm'>, heightMm: number, site: Climate): number | null {
  if (heightMm > crop.heightMm || crop.years?.winter === 'stands') return null;
  const { starts, grown, ends } = yearOf(crop, site);
  const days = warmthOf(site.monthlyC, crop.baseC);
  const needed = warmthAt(Math.max(0, heightMm) / crop.heightMm) * fullWarmth(crop, starts, grown, days);
  const day = dayWarm(days, starts, needed);
  return day === null || day > ends ? null : day;
}
