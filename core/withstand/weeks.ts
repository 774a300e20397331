import type { Response } from '../frame/solve';
import type { Point } from '../geometry/space';
import { yearOf } from '../growth/growth';
import type { Setting } from '../structures/setting';
import { dayOfYear } from '../site/sun/season';
import { grownOn, under, type Asked } from './asked';
import { gustOn } from '../structures/rules/gust';
import type { Model } from './parts-in';
import type { Use } from './uses';

/** Ways the wind blows in the structure's own frame: at it from both sides and both ends, then aslant. */
const WAYS: readonly Point[] = [0, 90, 180, 270, 45, 135, 225, 315].map((deg): Point => {
  const rad = (deg * Math.PI) / 180;
  return [Math.round(Math.cos(rad) * 1e9) / 1e9, Math.round(Math.sin(rad) * 1e9) / 1e9, 0];
});
/** The first of them, in which every week is looked at; aslant where that is worse in the week that looks worst. */
const SQUARE = 4;

/** A week that is asked about. */
export interface When {
  /** From the first of January. */
  week: number;
  day: number;
  /** As it is told, ten metres up in open country. m/s. */
  gustMs: number;
  /** Of its plants the highest, as a share of what they come to. */
  grown: number;
}

/** One week: what works hardest in it, under what gust. */
export interface Week extends When {
  share: number;
  hardest: Use | null;
  /** Which way it blows, in its own frame. */
  way: Point;
  /** It goes over or buckles. */
  lost: boolean;
  /** So many of the places at which it only lies on the soil lift off it. */
  lifts: number;
}

/** A week under one gust, and what that does. */
export interface Looked {
  week: Week;
  response: Response;
  uses: Use[];
}

/** The year of a structure: the weeks in which it stands there, and which of them are alike. */
export interface Year {
  asked: Asked;
  /** Every week, with the one of those that it is like. */
  all: readonly { when: When; like: When }[];
  /** Weeks that no other has more wind, height and leaves than: the worst is among them. */
  leading: readonly When[];
  /** Ways in which every week is looked at, and the one in which it is blown hardest in the week that looks worst. */
  ways: readonly Point[];
  way: Point;
  /** What is known of weeks so far. */
  plain: Map<When, Plain>;
}

/** A week as it is found when nothing slackens, lifts or leans. */
interface Plain {
  way: Point;
  share: number;
  hardest: Use | null;
  /** Something would slacken or lift. */
  comesOff: boolean;
}

const DAYS = 7;
const MIDDLE = 4;
const WEEKS = 52;

/** @param putAway it is taken in while nothing grows on it: what is put away for winter is not blown over in it. */
export function yearUnder(asked: Asked, putAway: boolean): Year {
  const { setting } = asked;
  const every = Array.from({ length: WEEKS }, (_, week) => week);
  const out = every.filter((week) => isOut(setting, week * DAYS + MIDDLE));
  const known = new Map<string, When>();
  const much = new Map<When, readonly number[]>();
  const all = (putAway && out.length > 0 ? out : every).map((week) => {
    const day = week * DAYS + MIDDLE;
    const shares = setting.planted.map(({ id }) => grownOn(asked, day)(id));
    const gustMs = gustOn(setting, day);
    const when = { week, day, gustMs, grown: Math.max(0, ...shares.map(({ height }) => height)) };
    const has = [gustMs, ...shares.flatMap(({ height, leaf }) => [toHundredths(height), toHundredths(leaf)])];
    const key = has.join(' ');
    const like = known.get(key) ?? when;
    known.set(key, like);
    much.set(like, has);
    return { when, like };
  });
  const moreThan = (one: When, other: When): boolean =>
    one !== other && (much.get(one) ?? []).every((n, i) => n >= (much.get(other)?.[i] ?? 0));
  const apart = [...known.values()];
  const leading = apart.filter((when) => !apart.some((other) => moreThan(other, when)));
  const year: Year = { asked, all, leading, ways: WAYS.slice(0, SQUARE), way: WAYS[0] as Point, plain: new Map() };
  const worst = leading.reduce((high, one) => (plainOf(year, one).share > plainOf(year, high).share ? one : high));
  const aslant = plainly(asked, worst, WAYS.slice(SQUARE));
  const ways = [...year.ways, aslant.way];
  // What slackens or lifts works harder than it looks, and maybe not in the way in which it looks hardest.
  const { way } = ways
    .map((one) => lookedAt(asked, worst, one).week)
    .reduce((high, one) => (one.share > high.share ? one : high));
  const isAslant = aslant.share > plainOf(year, worst).share || way === aslant.way;
  return isAslant ? { ...year, way, ways, plain: new Map() } : { ...year, way };
}
const toHundredths = (share: number): number => Math.round(share * 100);

/** A week in the worst of the ways that are looked at, worked out once. */
function plainOf({ asked, ways, plain }: Year, when: When): Plain {
  const known = plain.get(when) ?? plainly(asked, when, ways);
  plain.set(when, known);
  return known;
}

/** Whether a crop stands on a day of the year; of what nothing is planted in, whether it is out between the frosts. */
function isOut({ planted, site }: Setting, day: number): boolean {
  const within = (from: number, to: number): boolean =>
    (day >= from && day <= to) || (day + 365 >= from && day + 365 <= to);
  if (planted.length === 0) {
    const [from, to] = [dayOfYear(site.lastFrost), dayOfYear(site.firstFrost)];
    return within(from, to < from ? to + 365 : to);
  }
  return planted.some(({ crop }) => {
    const { starts, ends } = yearOf(crop, site);
    return within(starts, ends);
  });
}

/** The worst of some ways in which it can blow on a day. */
function plainly(asked: Asked, when: When, ways: readonly Point[]): Plain {
  const blown = ways.map((way) => {
    const { response, hardest, share } = under(asked, { ...when, way, carefully: false });
    return { way, hardest, share, comesOff: response.wouldComeOff };
  });
  const worst = blown.reduce((high, one) => (one.share > high.share ? one : high));
  return { ...worst, comesOff: blown.some(({ comesOff }) => comesOff) };
}

/** So many of the weeks that look worst are asked carefully before one of them is said to be the worst. */
const LOOKED_AT = 3;

/** The worst week of a year, as what slackens, lifts and leans has settled in it. */
export const worstOf = (year: Year): Looked =>
  year.leading
    .map((when) => ({ when, of: plainOf(year, when) }))
    .toSorted((a, b) => b.of.share - a.of.share)
    .slice(0, LOOKED_AT)
    .map(({ when, of }) => hardestOf(year.asked, when, [of.way, year.way]))
    .reduce((high, one) => (one.week.share > high.week.share ? one : high));

/** Below this share of what it may, what is found without slackening, lifting and leaning stands (from memory: a beam that is pressed a tenth of Euler’s load leans a tenth further). */
const PLAINLY = 0.6;

/** Every week of a year. */
export function weeksOf(year: Year): Week[] {
  const known = new Map<When, Week>();
  return year.all.map(({ when, like }): Week => {
    const made = known.get(like) ?? weekOf(year, like);
    known.set(like, made);
    return { ...made, week: when.week, day: when.day };
  });
}

function weekOf(year: Year, when: When): Week {
  const { way, share, hardest, comesOff } = plainOf(year, when);
  return share < PLAINLY && !comesOff
    ? { ...when, way, share, hardest, lost: false, lifts: 0 }
    : hardestOf(year.asked, when, [way, year.way]).week;
}

/** A week in the worst of some ways, carefully. */
const hardestOf = (asked: Asked, when: When, ways: readonly Point[]): Looked =>
  [...new Set(ways)]
    .map((way) => lookedAt(asked, when, way))
    .reduce((high, one) => (one.week.share > high.week.share ? one : high));

/** One day under one gust: the worst way it can blow, or a way that is told. @param gustMs ten metres up in open country. */
export function blownOn(asked: Asked, day: number, gustMs: number, way?: Point): Looked {
  const grown = Math.max(0, ...asked.setting.planted.map(({ id }) => grownOn(asked, day)(id).height));
  const when = { week: Math.floor(day / DAYS), day, gustMs, grown };
  return hardestOf(asked, when, way ? [way] : WAYS);
}

/** One week under its gust, carefully. */
export function lookedAt(asked: Asked, { week, day, gustMs, grown }: When, way: Point): Looked {
  const { response, uses, hardest, share } = under(asked, { day, gustMs, way, carefully: true });
  const lifts = liftsOf(asked.model, response);
  return { week: { week, day, gustMs, grown, way, share, hardest, lost: response.lost, lifts }, response, uses };
}
/** Feet that were to press on the soil and do not. */
const liftsOf = ({ grounds }: Model, { lifted }: Response): number => {
  const off = new Set(lifted);
  return grounds.filter(({ link }) => off.has(link)).length;
};
