import type { Catalogue } from '../catalogue/stock';
import type { Design } from '../design/design';
import { asShape, ofShape } from '../design/shapes/shapes';
import { solveFrame, type Response, type Solved } from '../frame/solve';
import { grownShare, yearOf } from '../growth/growth';
import type { Point } from '../geometry/space';
import { leafDrag, monthGust } from '../statics/drag';
import { lowDown, onceIn, windPressure } from '../statics/wind';
import type { Setting } from '../structures/setting';
import { fillUnder } from '../structures/rules/depth';
import type { Ground } from './ground';
import { loadable, weightOf, windOn, type Grown, type Loadable } from './loads';
import { modelOf } from './model';
import type { Model } from './parts-in';
import { usesOf, type Use, type Worse } from './uses';

/** A gust is asked of that comes once in so many summers: what stands in a garden a few years is built for no rarer (from memory; EN 1991-1-6:2005, table 3.1, asks ten years of what stands up to three). */
export const ONCE_IN_YEARS = 10;
/** What uses more than this of what it may holds, and is watched (from memory). */
export const WATCHED_FROM = 0.8;
export type Stand = 'holds' | 'watch' | 'fails';
export const standOf = (share: number): Stand => (share > 1 ? 'fails' : share > WATCHED_FROM ? 'watch' : 'holds');

/** Ways the wind blows in the structure's own frame: at it from both sides and both ends, then aslant. */
const WAYS: readonly Point[] = [0, 90, 180, 270, 45, 135, 225, 315].map((deg): Point => {
  const rad = (deg * Math.PI) / 180;
  return [Math.round(Math.cos(rad) * 1e9) / 1e9, Math.round(Math.sin(rad) * 1e9) / 1e9, 0];
});
/** The first of them, in which every week is looked at; aslant only the worst. */
const SQUARE = 4;

/** One week: what works hardest in it, under what gust. */
export interface Week {
  /** From the first of January. */
  week: number;
  day: number;
  /** As it is told, ten metres up in open country. m/s. */
  gustMs: number;
  share: number;
  hardest: Use | null;
  /** Of its plants the highest, as a share of what they come to. */
  grown: number;
  /** Which way it blows, in its own frame. */
  way: Point;
  /** It goes over or buckles. */
  lost: boolean;
  /** So many of the places at which it only lies on the soil lift off it. */
  lifts: number;
}

/** What a structure withstands, week by week. */
export interface Withstood {
  weeks: readonly Week[];
  worst: Week;
  /** In the worst week, the hardest working first. */
  uses: readonly Use[];
  /** The gust at which the first thing goes in that week, and what that is. m/s. */
  goes: { gustMs: number; use: Use | null };
  /** How far its top leans over in that week. mm. */
  leansMm: number;
  /** The worst week again, with each of what is not known for sure taken worse. */
  band: readonly { worse: 'soil' | 'gust' | 'timber' | 'crop'; share: number }[];
}

/** Why nothing is said of a structure: what it is made of is not reckoned. */
export type NotReckoned = 'nothing stands' | 'mesh that carries itself' | 'stacked' | 'filled' | 'twigs';

/** Everything that is asked again with another wind or week, worked out once. */
export interface Asked {
  model: Model;
  solved: Solved;
  able: Loadable;
  design: Design;
  setting: Setting;
  ground: Ground;
  catalogue: Catalogue;
}

/** A structure made ready to be asked, or why it cannot be. */
export function askable(
  design: Design,
  setting: Setting,
  catalogue: Catalogue,
  softer = false,
): Asked | { not: NotReckoned } {
  const ground = { soil: setting.soil, fill: fillUnder(setting), softer };
  const model = modelOf(design, ground, catalogue);
  const not = notReckoned(design, model);
  if (not) return { not };
  return {
    model,
    solved: solveFrame(model.frame),
    able: loadable(model, design, setting.planted, catalogue),
    design,
    setting,
    ground,
    catalogue,
  };
}

function notReckoned(design: Design, model: Model): NotReckoned | null {
  if (model.wires.some(({ part }) => Math.abs(part.up[2]) < UPRIGHT)) return 'mesh that carries itself';
  if (model.blocks.some(({ part }) => asShape(part, 'block') !== null)) return 'stacked';
  if (model.grounds.some(({ support }) => support.by === 'lies on it') && isFilled(design)) return 'filled';
  if (model.frame.beams.length === 0 || model.grounds.length === 0) return 'nothing stands';
  return model.bars.some(({ part }) => design.traits[part.role]?.yields) ? 'twigs' : null;
}

/** A ring stands up, an arch lies across its way (from memory: what leans further than this is an arch). */
const UPRIGHT = 0.7;
/** A filling wider than this is a bed’s, not a post’s (from memory). mm. */
const BED_WIDE_MM = 500;
const isFilled = ({ parts }: Design): boolean =>
  ofShape(parts, 'fill').some(
    ({ rim }) => 'outline' in rim && rim.outline.some(([x, y]) => Math.hypot(x, y) > BED_WIDE_MM),
  );

/** How far what is planted has grown on a day of the year. */
const grownOn =
  ({ setting: { planted, site } }: Asked, day: number): Grown =>
  (planting) => {
    const one = planted.find(({ id }) => id === planting);
    return one ? grownShare(one.crop, day, site) : { height: 0, leaf: 0 };
  };

/** The month that a day of the year lies in, 0 for January (months taken as a twelfth). */
const monthOf = (day: number): number => Math.min(11, Math.floor(((day - 1) % 365) / (365 / 12)));

/** The gust of a day that comes once in ten years, ten metres up in open country. m/s. */
export const gustOn = ({ site }: Setting, day: number): number =>
  site.gustMs * onceIn(ONCE_IN_YEARS) * monthGust(monthOf(day), site.latitudeDeg >= 0);

/** How a gust comes to push: each thing it is multiplied by, so that the sum can be followed. */
export interface WindSum {
  /** The strongest of fifty years, ten metres up in open country. m/s. */
  siteMs: number;
  onceInYears: number;
  onceIn: number;
  month: number;
  /** As it is asked about, ten metres up in open country, and what of it comes to the structure. m/s. */
  gustMs: number;
  lowDown: number;
  speedMs: number;
  /** ½ ρ v². N/m². */
  pressure: number;
  leafDrag: number;
}

/** @example windSumOf(setting, 227, gustOn(setting, 227)).pressure */
export function windSumOf({ site, wind }: Setting, day: number, gustMs: number): WindSum {
  const speedMs = gustMs * Math.sqrt(lowDown(wind));
  return {
    siteMs: site.gustMs,
    onceInYears: ONCE_IN_YEARS,
    onceIn: onceIn(ONCE_IN_YEARS),
    month: monthGust(monthOf(day), site.latitudeDeg >= 0),
    gustMs,
    lowDown: Math.sqrt(lowDown(wind)),
    speedMs,
    pressure: windPressure(speedMs),
    leafDrag: leafDrag(speedMs),
  };
}

/** What one gust does to it on a day. @param gustMs ten metres up in open country. */
export function under(
  asked: Asked,
  o: { day: number; gustMs: number; way: Point; carefully: boolean; worse?: Worse; crop?: number },
): { response: Response; uses: Use[] } {
  const { able, solved, model, setting, ground, catalogue } = asked;
  const full = grownOn(asked, o.day);
  const grown: Grown = o.crop === undefined ? full : (planting) => ({ ...full(planting), heavier: o.crop as number });
  const speedMs = o.gustMs * Math.sqrt(lowDown(setting.wind));
  const response = solved.under(windOn(able, grown, { speedMs, way: o.way }, weightOf(able, grown)), o.carefully);
  const uses = usesOf(model, response, { ground, catalogue, duration: 'wind', ...(o.worse ? { worse: o.worse } : {}) });
  return { response, uses };
}

const hardestOf = (uses: readonly Use[]): Use | null =>
  uses.reduce<Use | null>((high, one) => (high && high.share >= one.share ? high : one), null);

const DAYS = 7;
const MIDDLE = 4;
const WEEKS = 52;

/** Asks every week of the year in which something stands there, then the worst of them aslant, harder and worse. Decision 76. */
export function withstand(
  design: Design,
  setting: Setting,
  catalogue: Catalogue,
  putAway: boolean,
): Withstood | NotReckoned {
  const asked = askable(design, setting, catalogue);
  if ('not' in asked) return asked.not;
  const known = new Map<string, Week>();
  const all = Array.from({ length: WEEKS }, (_, week) => week);
  const out = all.filter((week) => setting.planted.some(({ crop }) => isOut(crop, setting, week * DAYS + MIDDLE)));
  // What is put away for winter is not blown over in it.
  const weeks = (putAway && out.length > 0 ? out : all).map((week): Week => {
    const day = week * DAYS + MIDDLE;
    const grown = grownOn(asked, day);
    const shares = setting.planted.map(({ id }) => grown(id));
    const gustMs = gustOn(setting, day);
    const key = [gustMs, ...shares.flatMap(({ height, leaf }) => [height.toFixed(2), leaf.toFixed(2)])].join(' ');
    const made =
      known.get(key) ?? weekOf(asked, { week, day, gustMs, grown: Math.max(0, ...shares.map(({ height }) => height)) });
    known.set(key, made);
    return { ...made, week, day };
  });
  const square = weeks.reduce((high, one) => (one.share > high.share ? one : high));
  const {
    week: worst,
    response,
    uses,
  } = [square.way, ...WAYS.slice(SQUARE)]
    .map((way) => lookedAt(asked, square, way))
    .reduce((high, one) => (one.week.share > high.week.share ? one : high));
  return {
    weeks,
    worst,
    uses: uses.toSorted((a, b) => b.share - a.share),
    goes: goesAt(asked, worst),
    leansMm: leanOf(asked.model, response),
    band: bandOf(asked, worst),
  };
}

/** Whether a crop stands on a day of the year. */
function isOut(crop: Setting['planted'][number]['crop'], { site }: Setting, day: number): boolean {
  const { starts, ends } = yearOf(crop, site);
  return crop.years !== undefined || (day >= starts && day <= ends) || (day + 365 >= starts && day + 365 <= ends);
}

/** A week under one gust, and what that does. */
export interface Looked {
  week: Week;
  response: Response;
  uses: Use[];
}

/** A week that is asked about. */
type When = Pick<Week, 'week' | 'day' | 'gustMs' | 'grown'>;

/** One day under one gust: the worst way it can blow, square to it or to its ends, or a way that is told. @param gustMs ten metres up in open country. */
export function blownOn(asked: Asked, day: number, gustMs: number, way?: Point): Looked {
  const grown = Math.max(0, ...asked.setting.planted.map(({ id }) => grownOn(asked, day)(id).height));
  const when = { week: Math.floor(day / DAYS), day, gustMs, grown };
  return lookedAt(asked, when, way ?? weekOf(asked, when).way);
}

function lookedAt(asked: Asked, { week, day, gustMs, grown }: When, way: Point): Looked {
  const { response, uses } = under(asked, { day, gustMs, way, carefully: true });
  const hardest = hardestOf(uses);
  const share = response.lost ? Math.max(GONE, hardest?.share ?? 0) : (hardest?.share ?? 0);
  const lifts = liftsOf(asked.model, response);
  return { week: { week, day, gustMs, grown, way, share, hardest, lost: response.lost, lifts }, response, uses };
}
/** Feet that were to press on the soil and do not. */
const liftsOf = ({ grounds }: Model, { lifted }: Response): number => {
  const off = new Set(lifted);
  return grounds.filter(({ link }) => off.has(link)).length;
};
/** What goes over uses all that it has, and more. */
const GONE = 2;

/** Below this share of what it may, what is found without slackening, lifting and leaning stands (from memory: a beam that is pressed a tenth of Euler’s load leans a tenth further). */
const PLAINLY = 0.6;

function weekOf(asked: Asked, of: When): Week {
  const ways = WAYS.slice(0, SQUARE).map((way) => {
    const { uses, response } = under(asked, { ...of, way, carefully: false });
    const hardest = hardestOf(uses);
    return { way, hardest, share: hardest?.share ?? 0, response };
  });
  const worst = ways.reduce((high, one) => (one.share > high.share ? one : high));
  if (worst.share < PLAINLY && ways.every(({ response }) => !response.wouldComeOff))
    return { ...of, way: worst.way, share: worst.share, hardest: worst.hardest, lost: false, lifts: 0 };
  return lookedAt(asked, of, worst.way).week;
}

/** Gusts are looked for up to this. m/s. */
const MOST_GUST = 90;

/** The gust at which the first thing has no more to give, by halving: a harder one is never kinder to all of it. m/s. */
function goesAt(asked: Asked, worst: Week): Withstood['goes'] {
  const at = (gustMs: number): Week => lookedAt(asked, { ...worst, gustMs }, worst.way).week;
  let [low, high] = [0, MOST_GUST];
  let use: Use | null = null;
  for (let turn = 0; turn < 8; turn++) {
    const gustMs = (low + high) / 2;
    const week = at(gustMs);
    if (week.share > 1) {
      high = gustMs;
      use = week.hardest;
    } else low = gustMs;
  }
  return { gustMs: high, use };
}

/** How far the highest place of it goes aside. mm. */
function leanOf({ frame }: Model, { moved }: Response): number {
  const top = frame.nodes
    .map((_, node) => node)
    .toSorted((a, b) => (frame.nodes[b]?.[2] ?? 0) - (frame.nodes[a]?.[2] ?? 0));
  return Math.max(
    0,
    ...top.slice(0, 4).map((node) => Math.hypot(moved[node * 6] as number, moved[node * 6 + 1] as number)),
  );
}

/** Soil a class worse, a gust a fifth harder, timber a grade lower, a crop a third heavier. */
function bandOf(asked: Asked, worst: Week): Withstood['band'] {
  const share = ({ response, uses }: ReturnType<typeof under>): number =>
    response.lost ? GONE : (hardestOf(uses)?.share ?? 0);
  const softer = askable(asked.design, asked.setting, asked.catalogue, true);
  return [
    ...('not' in softer
      ? []
      : [{ worse: 'soil' as const, share: share(under(softer, { ...worst, carefully: true })) }]),
    { worse: 'gust', share: share(under(asked, { ...worst, gustMs: worst.gustMs * 1.2, carefully: true })) },
    { worse: 'timber', share: share(under(asked, { ...worst, carefully: true, worse: { grade: 'No. 3' } })) },
    { worse: 'crop', share: share(under(asked, { ...worst, carefully: true, crop: 4 / 3 })) },
  ];
}
