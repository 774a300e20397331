import type { Catalogue } from '../catalogue/stock';
import type { Design } from '../design/design';
import { asShape, ofShape } from '../design/shapes/shapes';
import { solveFrame, type Response, type Solved } from '../frame/solve';
import { grownShare, yearOf } from '../growth/growth';
import type { Point } from '../geometry/space';
import type { Setting } from '../structures/setting';
import { fillUnder } from '../structures/rules/depth';
import type { Ground } from './ground';
import { gustOn, speedAt } from './gust';
import { loadable, weightOf, windOn, type Grown, type Loadable } from './loads';
import { modelOf } from './model';
import type { Model } from './parts-in';
import { usesOf, type Use, type Worse } from './uses';

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
export type NotReckoned =
  'nothing stands' | 'mesh that carries itself' | 'stacked' | 'filled' | 'twigs' | 'held by nothing';

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
  const solved = solveFrame(model.frame);
  // Something of it can go a way that nothing holds: there is no answer.
  if (solved.loose.length > 0) return { not: 'held by nothing' };
  return {
    model,
    solved,
    able: loadable(model, design, setting.planted, catalogue),
    design,
    setting,
    ground,
    catalogue,
  };
}

function notReckoned(design: Design, model: Model): NotReckoned | null {
  if (model.wires.some(({ upright }) => !upright)) return 'mesh that carries itself';
  if (model.blocks.some(({ part }) => asShape(part, 'block') !== null)) return 'stacked';
  if (model.grounds.some(({ support }) => support.by === 'lies on it') && isFilled(design)) return 'filled';
  if (model.frame.beams.length === 0 || model.grounds.length === 0) return 'nothing stands';
  return model.bars.some(({ part }) => design.traits[part.role]?.yields) ? 'twigs' : null;
}

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

/** What works hardest under a gust, and what of it is used: of what goes over at least twice what it may. */
interface Found {
  response: Response;
  uses: Use[];
  hardest: Use | null;
  share: number;
}

/** What one gust does to it on a day. @param gustMs ten metres up in open country. */
export function under(
  asked: Asked,
  o: { day: number; gustMs: number; way: Point; carefully: boolean; worse?: Worse; crop?: number },
): Found {
  const { able, solved, model, setting, ground, catalogue } = asked;
  const full = grownOn(asked, o.day);
  const grown: Grown = o.crop === undefined ? full : (planting) => ({ ...full(planting), heavier: o.crop as number });
  const speedMs = speedAt(setting.wind, o.gustMs);
  const response = solved.under(windOn(able, grown, { speedMs, way: o.way }, weightOf(able, grown)), o.carefully);
  const uses = usesOf(model, response, { ground, catalogue, duration: 'wind', ...(o.worse ? { worse: o.worse } : {}) });
  const hardest = uses.reduce<Use | null>((high, one) => (high && high.share >= one.share ? high : one), null);
  const share = hardest?.share ?? 0;
  return { response, uses, hardest, share: response.lost ? Math.max(GONE, share) : share };
}
/** What goes over uses all that it has, and more. */
const GONE = 2;

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
  const { response, uses, hardest, share } = under(asked, { day, gustMs, way, carefully: true });
  const lifts = liftsOf(asked.model, response);
  return { week: { week, day, gustMs, grown, way, share, hardest, lost: response.lost, lifts }, response, uses };
}
/** Feet that were to press on the soil and do not. */
const liftsOf = ({ grounds }: Model, { lifted }: Response): number => {
  const off = new Set(lifted);
  return grounds.filter(({ link }) => off.has(link)).length;
};
/** Below this share of what it may, what is found without slackening, lifting and leaning stands (from memory: a beam that is pressed a tenth of Euler’s load leans a tenth further). */
const PLAINLY = 0.6;

function weekOf(asked: Asked, of: When): Week {
  const ways = WAYS.slice(0, SQUARE).map((way) => {
    const { response, hardest, share } = under(asked, { ...of, way, carefully: false });
    return { way, hardest, share, response };
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
  const softer = askable(asked.design, asked.setting, asked.catalogue, true);
  const at = (of: Asked, change: Partial<Parameters<typeof under>[1]>): number =>
    under(of, { ...worst, carefully: true, ...change }).share;
  return [
    ...('not' in softer ? [] : [{ worse: 'soil' as const, share: at(softer, {}) }]),
    { worse: 'gust', share: at(asked, { gustMs: worst.gustMs * 1.2 }) },
    { worse: 'timber', share: at(asked, { worse: { grade: 'No. 3' } }) },
    { worse: 'crop', share: at(asked, { crop: 4 / 3 }) },
  ];
}
