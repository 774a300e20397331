import { countOf } from '../crops/planted';
import { CATALOGUE } from '../catalogue/catalogue';
import { isUrgent, type Verdict } from '../checks/check';
import type { Purchase } from '../costing/buy';
import type { Cost } from '../costing/cost';
import type { Design } from '../design/design';
import { computeAs, type ComputedStructure } from '../plan/compute-as';
import { shortStand, type ShortStand } from '../plan/stands';
import { monthDayOf } from '../site/sun/season';
import type { Plan, Planting, StructurePlan } from '../plan/plan';
import { minorDigits, money } from '../quantity/money';
import type { Around } from '../plan/around';
import { bedsOf, hostNamed } from '../site/stands/stands';
import { bedSuns } from '../shade/study';
import { onPlotOf } from '../shade/on-plot';
import type { Bed } from '../site/bed';
import type { Placed } from '../site/plot';
import { SOIL } from '../site/underfoot';
import { cropIn } from '../crops/book';
import type { StructureKind } from '../structures/kind';
import { kindOf, KINDS } from '../structures/registry';
import { cornersOf, coversOver, named, ROUND_MM, roundOf, type Sketch } from './guard-sketches';
import { openToPlanting, standingIn, stopsOf, type Answer } from './keep-out';
import { openTo, whoIsKeptOut } from './kept-out';
import { fact, type Fact } from '../wording/say';

/**
 * One support for a planting, sized and priced for real, with what speaks for it and against it. Plain data, so that a
 * worker can hand it over. Decision 36.
 */
export interface Choice {
  structure: StructurePlan;
  /** What is built with it: the gate of a fence. Its price is in the cost. */
  also: readonly StructurePlan[];
  design: Design;
  around: Around;
  cost: Cost;
  purchases: readonly Purchase[];
  /** How many of it hold all the plants; like is compared with like. */
  times: number;
  /** How many times its cost that is: of separate bodies (cages) no more are bought than there are plants. */
  share: number;
  verdicts: readonly Verdict[];
  /** It can be chosen all the same; this says whether one should. */
  suits: boolean;
  pro: readonly Fact[];
  con: readonly Fact[];
  minutesAWeek: number;
  /** Of a cover or a fence: whom it stops of those who come, and whom it lets in; null of a support. */
  guard: { stops: readonly string[]; leaves: readonly string[] } | null;
  /** How it stands in the wind of its year; null of what will not do, and of what is not reckoned. */
  stand: ShortStand | null;
  /** Hours of sun a day it takes from the bed that loses most, in full growth. */
  shade: { bed: string; hours: number } | null;
}

/**
 * A season's price of an hour's work, against which money is weighed: what most gardeners would pay to be spared it
 * (from memory). Major units.
 */
const HOUR_IS_WORTH = 8;
/** So many weeks of a year something is tied, wound or opened (from memory). */
export const WEEKS_OF_TENDING = 14;
/** Weights of what the checks found, in the money of a season. */
const A_FAILURE = 10_000;
const A_WARNING = 12;
const AN_HOUR_OF_SHADE = 15;
/** What goes over in the gust of ten years takes its crop with it: more than a warning, less than what does not work at all (from memory). */
const GOES_OVER = 60;
/**
 * Somebody who comes in all the same costs about a crop: so much a kilogram that grows there, within these bounds (from
 * memory). Major units.
 */
const A_KILOGRAM = 8;
const A_COMER = { least: 5, most: 60 };
const FULL_GROWTH_MONTH = { north: 8, south: 2 };
const WORTH_SAYING_H = 0.2;

/** The month in which what grows casts most shade. */
export const fullGrowthMonth = ({ site }: Pick<Plan, 'site'>): number =>
  site.latitudeDeg >= 0 ? FULL_GROWTH_MONTH.north : FULL_GROWTH_MONTH.south;

/**
 * Ranks supports for what is planted: those that suit before those that do not, then by what a season
 * costs in money, work, worries and shade. Each is sized, checked and priced as it would be built, so
 * the figures are those of the design. A sketch is a structure that is not in the plan yet, and what is built in its run with it. Covers and fences are
 * ranked by whom they stop of those who come.
 */
export const rankKinds = (plan: Plan, sketches: readonly (readonly StructurePlan[])[]): Choice[] =>
  ranked(plan, sketches, comersTo(plan, sketches), true);

/** Who comes to what is to be planted, and what it is worth to them. */
function comersTo(plan: Plan, sketches: readonly (readonly StructurePlan[])[]): Comers {
  const guarding = sketches.flat().find(({ kind, plantings }) => isGuard(kindOf(kind)) && plantings.length > 0);
  return {
    open: guarding ? openToPlanting(kindOf, plan, guarding.plantings[0] ?? '') : [],
    atStake: worthOf(plan, guarding?.plantings[0]),
  };
}
interface Comers {
  open: readonly string[];
  atStake: number;
}

/** @param inWind whether it is asked how each stands, which takes longest */
function ranked(
  plan: Plan,
  sketches: readonly (readonly StructurePlan[])[],
  { open, atStake }: Comers,
  inWind: boolean,
): Choice[] {
  const choices = sketches.flatMap(([sketch, ...also]) => (sketch ? [weigh(plan, sketch, also, open, inWind)] : []));
  const cheapest = (of: (choice: Choice) => number): number =>
    Math.min(...choices.filter((choice) => choice.suits).map(of));
  const season = cheapest(seasonOf);
  const start = cheapest(startOf);
  const { currency } = plan.garden;
  return choices
    .map((choice): Choice => {
      const pro = [...choice.pro];
      if (choice.suits && choices.length > 1 && seasonOf(choice) === season)
        pro.push(fact('cost.season-least', { season: money(season, currency) }));
      if (choice.suits && choices.length > 1 && startOf(choice) === start)
        pro.push(fact('cost.start-least', { total: money(start, currency) }));
      const con = [...choice.con];
      if (seasonOf(choice) > season * 1.5 && Number.isFinite(season))
        con.push(
          fact('cost.season-more', { season: money(seasonOf(choice), currency), least: money(season, currency) }),
        );
      return { ...choice, pro, con };
    })
    .sort((a, b) => Number(b.suits) - Number(a.suits) || burden(a, plan, atStake) - burden(b, plan, atStake));
}

/**
 * The first of {@link rankKinds}, without asking of all how they stand: what goes over only weighs more, so that from
 * one on whose burden without wind is no less than the best found none can be better. Null of no sketches.
 * @example bestKind(plan, sketches)?.structure.kind
 */
export function bestKind(plan: Plan, sketches: readonly (readonly StructurePlan[])[]): Choice | null {
  const comers = comersTo(plan, sketches);
  const calm = ranked(plan, sketches, comers, false);
  let best: { choice: Choice; weighs: number } | null = null;
  for (const one of calm) {
    if (!one.suits || (best && best.weighs <= burden(one, plan, comers.atStake))) break;
    const stood = weigh(plan, one.structure, one.also, comers.open, true);
    const told = (facts: readonly Fact[]): Fact[] => facts.filter(({ code }) => code.startsWith('cost.'));
    // What was said of its cost beside the others' holds in wind too.
    const choice = { ...stood, pro: [...stood.pro, ...told(one.pro)], con: [...stood.con, ...told(one.con)] };
    const weighs = burden(choice, plan, comers.atStake);
    if (!best || weighs < best.weighs) best = { choice, weighs };
  }
  return best?.choice ?? calm[0] ?? null;
}

/**
 * What stands, weighed one by one as if it alone were to be decided on: in the order asked, without what is not in the
 * plan. What hangs in a run is weighed with that.
 * @example weighed(plan, ['tomato-wall', 'tomato-weave']).map(({ minutesAWeek }) => minutesAWeek)
 */
export function weighed(plan: Plan, ids: readonly string[]): Choice[] {
  return ids.flatMap((id) => {
    const structure = plan.structures.find((one) => one.id === id);
    if (!structure) return [];
    const also = plan.structures.filter(({ stand }) => hostNamed(stand) === id);
    const without = { ...plan, structures: plan.structures.filter((one) => one !== structure && !also.includes(one)) };
    const [planting] = structure.plantings;
    const open =
      planting !== undefined
        ? openToPlanting(kindOf, without, planting)
        : [...new Set(whoIsKeptOut(without, standingIn(kindOf, without)).flatMap((watch) => openTo(watch)))];
    return [weigh(without, structure, also, open)];
  });
}

/**
 * What would keep somebody out, weighed as everything else is: its first structure with what is built with it.
 * @example weighedAnswers(plan, answersFor(kindOf, KINDS, plan, 'long-bed'))[0]?.choice.minutesAWeek
 */
export const weighedAnswers = <A extends Answer>(plan: Plan, answers: readonly A[]): (A & { choice: Choice })[] =>
  answers.flatMap((answer) => {
    const [first, ...also] = named(
      answer.structures,
      answer.structures.map((_, i) => `answer-${i}`),
    ).map((one): StructurePlan => ({ ...one, name: kindOf(one.kind).name }));
    return first ? [{ ...answer, choice: weigh(plan, first, also, [...answer.stops, ...answer.leaves]) }] : [];
  });

/** Minutes of work as one says them: to the next five. */
export const toFive = (minutes: number): number => Math.round(minutes / 5) * 5;

/** What all the plants cost on it: a season, and to begin with. Minor units. */
export const seasonOf = ({ cost, share }: Choice): number => Math.round(cost.perSeasonMinor * share);
export const startOf = ({ cost, share }: Pick<Choice, 'cost' | 'share'>): number => Math.round(cost.totalMinor * share);

/** What a planting would be worth to somebody who comes in. */
function worthOf(plan: Plan, id: string | undefined): number {
  const planting = plan.plantings.find((one) => one.id === id);
  const kg = planting ? planting.count * cropIn(plan.crops, planting.crop).wetKg : 0;
  return Math.min(A_COMER.most, Math.max(A_COMER.least, kg * A_KILOGRAM));
}

/** What speaks against a choice, as money of a season: what has to be looked at, what it costs, the hours and the shade. Major units. */
export function burden(choice: Choice, plan: Plan, atStake: number): number {
  const { verdicts } = choice;
  const count = (level: string): number => verdicts.filter((verdict) => verdict.level === level).length;
  const hours = (choice.minutesAWeek * WEEKS_OF_TENDING) / 60;
  const minorInOne = 10 ** minorDigits(plan.garden.currency);
  return (
    count('fail') * A_FAILURE +
    (count('warn') +
      // What is pinched out for want of height is a crop lost by as much.
      verdicts.filter((verdict) => verdict.told.code === 'height.pinch').length +
      choice.con.filter((told) => told.code === OTHER_TRAINING).length) *
      A_WARNING +
    (choice.stand?.stand === 'fails' ? GOES_OVER : 0) +
    (choice.con.some((told) => told.code === ALONG) ? LEVEL_TWINE : 0) +
    (choice.guard?.leaves.length ?? 0) * atStake +
    seasonOf(choice) / minorInOne +
    hours * HOUR_IS_WORTH +
    (choice.shade?.hours ?? 0) * AN_HOUR_OF_SHADE
  );
}

/** Findings that say no more than that one is too small. */
const TOO_SMALL = new Set(['plants.too-many', 'pots.few']);

const OTHER_TRAINING = 'training.other';
const ALONG = 'climb.along';
const UPRIGHT = new Set(['string', 'poles']);
/** A look a week at a plant that winds by itself (from memory). */
const ALONE_MINUTES = 0.25;
/** Level twine for what twines up: strings or poles come before it, even where they cost more (common practice, no source). */
const LEVEL_TWINE = 40;
/** More of one kind than this in a bed is no plan (from memory). */
const MOST_TIMES = 3;

/** A cover is opened and shut as a whole: as much work a week as so many plants that are tied (from memory). */
const A_COVER_PLANTS = 10;

/** What a planting can be given: a support if it climbs or leans, else a cover over its bed or a fence round it. */
export const sketchesFor = (plan: Plan, bed: Bed, planting: Pick<Planting, 'id' | 'crop'>): Sketch[][] =>
  cropIn(plan.crops, planting.crop).habit === 'none'
    ? [...coversOver(KINDS, bed.id, [planting.id]), ...roundOf(KINDS, cornersOf(bed, ROUND_MM))]
    : ROW_KINDS.map((kind) => [
        { kind: kind.id, stand: { on: 'bed', bed: bed.id }, plantings: [planting.id], knobs: {} },
      ]);

/** What a planting can grow in without a bed; each is the bed of it, by its own id. */
export const plantersFor = (planting: Pick<Planting, 'id'>, at: Placed): Sketch[][] =>
  KINDS.filter((kind) => kind.purpose === 'planter').map((kind) => [
    { kind: kind.id, stand: { on: 'spot', at, underfoot: SOIL }, plantings: [planting.id], knobs: {} },
  ]);

/** Covers and barriers are weighed by whom they stop. */
const isGuard = ({ purpose }: Pick<StructureKind, 'purpose'>): boolean => purpose === 'cover' || purpose === 'barrier';

/** What a planting on a bed can be given to hold it. */
export const ROW_KINDS = KINDS.filter(
  (kind) => kind.purpose === 'support' && kind.stands.includes('bed') && !kind.isThere,
);

/**
 * How many of a structure hold all that is planted, and whether it is one for those plants at all: the one judgement of
 * every screen.
 */
export function suiting({ setting, sized, verdicts }: Pick<ComputedStructure, 'setting' | 'sized' | 'verdicts'>) {
  const wanted = countOf(setting.planted);
  const places = Math.max(1, sized.design.roomFor ?? sized.design.stations.length);
  const times = Math.max(1, Math.ceil(wanted / places));
  return { wanted, places, times, suits: times <= MOST_TIMES && !verdicts.some((verdict) => verdict.unfit) };
}

/** The work a week that something makes in its season: of all its plants, on as many of it as hold them; none without plants, but to open and shut. min. */
export function minutesOf(computed: Pick<ComputedStructure, 'kind' | 'setting' | 'sized' | 'verdicts'>): number {
  const { kind, setting, sized } = computed;
  const { wanted, places, times } = suiting(computed);
  const lead = setting.planted[0];
  const guards = isGuard(kind);
  if (!lead && !guards) return 0;
  const plants = guards ? A_COVER_PLANTS : Math.min(places * times, wanted);
  const { climber, leaner } = kind.nature.tendingMinutes;
  // What twines goes up strings and poles by itself.
  const alone = lead?.crop.habit === 'twiner' && UPRIGHT.has(sized.design.hold?.by ?? '');
  const climbs = lead !== undefined && lead.crop.grips !== null;
  return plants * (alone ? Math.min(climber, ALONE_MINUTES) : climbs ? climber : leaner);
}

/** What two cost together, shared by the plants of the first. */
const costOfBoth = (a: Cost, b: Cost): Cost => ({
  ...a,
  netMinor: a.netMinor + b.netMinor,
  taxMinor: a.taxMinor + b.taxMinor,
  totalMinor: a.totalMinor + b.totalMinor,
  perPlantMinor: a.perPlantMinor && Math.round((a.perPlantMinor * (a.totalMinor + b.totalMinor)) / a.totalMinor),
  perSeasonMinor: a.perSeasonMinor + b.perSeasonMinor,
  complete: a.complete && b.complete,
});

function weigh(
  plan: Plan,
  structure: StructurePlan,
  also: readonly StructurePlan[],
  open: readonly string[],
  inWind = true,
): Choice {
  const kind = kindOf(structure.kind);
  const built = { ...plan, structures: [...plan.structures, structure, ...also] };
  const computed = computeAs(kindOf, built, structure);
  const others = also.map((one) => computeAs(kindOf, built, one));
  const { setting, sized, shopping, verdicts } = computed;
  const cost = others.reduce((sum, one) => costOfBoth(sum, one.cost), computed.cost);
  const guards = isGuard(kind);
  const minutesAWeek = minutesOf(computed);
  const stops = guards ? stopsOf(computed, open) : [];
  const leaves = guards ? open.filter((who) => !stops.includes(who)) : [];
  const lead = setting.planted[0];
  const { wanted, places, times, suits } = suiting(computed);
  const own = bedsOf(computed.setting.place).map((bed) => bed.id);
  // What grows under a cover or behind a fence stands there without it: its shade is not theirs.
  const standing = [computed, ...others]
    .map(onPlotOf)
    .map((one) => (guards ? { ...one, design: { ...one.design, stations: [] } } : one));
  const beds = plan.beds.filter((bed) => !own.includes(bed.id));
  // What will not do casts its shade on nobody.
  const shade = suits
    ? bedSuns(plan, standing, beds, fullGrowthMonth(plan), 40, 800)
        .map(({ takenBy }, i) => ({
          bed: beds[i]?.name ?? '',
          hours: Object.values(takenBy).reduce((sum, one) => sum + one, 0),
        }))
        .reduce<Choice['shade']>((most, one) => (one.hours > (most?.hours ?? WORTH_SAYING_H) ? one : most), null)
    : null;

  const short = suits && inWind ? shortStand(computed) : 'nothing stands';
  const stand = typeof short === 'string' ? null : short;
  const bestOn = lead?.training.bestOn;
  const failing = verdicts.filter(isUrgent).map((verdict) => verdict.told);
  const good = (check: string): Fact[] =>
    verdicts.filter((verdict) => verdict.check === check && verdict.level === 'good').map((verdict) => verdict.told);
  const worn = shopping.purchases.reduce<{ stock: string; seasons: number } | null>((least, one) => {
    const { seasons } = CATALOGUE.stock(one.stock).life;
    return !least || seasons < least.seasons ? { stock: one.stock, seasons } : least;
  }, null);
  const { parts, traits } = sized.design;
  const body = parts.find(({ role }) => traits[role]?.as === 'body');
  const lasts = body ? CATALOGUE.stock(body.stock).life.seasons : 0;
  return {
    structure,
    also,
    design: sized.design,
    around: computed.around,
    cost,
    purchases: [...shopping.purchases, ...others.flatMap((one) => one.shopping.purchases)],
    verdicts,
    guard: guards ? { stops, leaves } : null,
    minutesAWeek,
    stand,
    shade,
    times,
    share: times > 1 && sized.design.bodies > 1 ? wanted / places : times,
    // What stops nobody of those who come is no cover for this.
    suits: suits && (!guards || open.length === 0 || stops.length > 0),
    pro: [
      ...(stops.length > 0 ? [fact('guard.stops', { who: stops.join(', ') })] : []),
      ...good('crop-climbs'),
      ...good('crop-height'),
      ...good('crop-load'),
      ...good('mesh-opening'),
      ...(bestOn && bestOn === sized.design.hold?.by
        ? [fact('training.made-for', { training: lead?.training.name ?? '' })]
        : []),
      ...(guards ? [] : [fact(sized.design.roomFor === undefined ? 'plants.room' : 'plants.places', { places })]),
      ...(stand && stand.stand !== 'fails' ? [fact('wind.stands', { share: Math.round(stand.share * 100) })] : []),
      ...(lasts >= 10 ? [fact('life.long', { seasons: lasts })] : []),
      ...(kind.nature.moves === 'stays' ? [] : [fact(kind.nature.moves === 'folds' ? 'moves.folds' : 'moves.apart')]),
      ...(shopping.fromShed.length > 0 ? [fact('shed.some')] : []),
    ],
    con: [
      ...(guards && open.length === 0 ? [fact('guard.nobody')] : []),
      ...(stand?.stand === 'fails' ? [fact('wind.falls', { on: { monthDay: monthDayOf(stand.day) } })] : []),
      ...(leaves.length > 0 ? [fact('guard.leaves', { who: leaves.join(', ') })] : []),
      // How many are needed says more than that one is too small.
      ...failing.filter((told) => times === 1 || !TOO_SMALL.has(told.code)),
      ...(times > 1 ? [fact(times > MOST_TIMES ? 'plants.few' : 'plants.times', { places, wanted, times })] : []),
      ...(lead?.crop.habit === 'twiner' && sized.design.hold?.by === 'passes'
        ? [fact(ALONG, { crop: lead.crop.name })]
        : []),
      ...(bestOn && bestOn !== sized.design.hold?.by
        ? [fact(OTHER_TRAINING, { training: lead?.training.name ?? '' })]
        : []),
      ...(lasts > 0 && lasts < 6 ? [fact('life.short', { seasons: lasts })] : []),
      ...(worn && worn.seasons === 1
        ? [fact('life.yearly', { what: CATALOGUE.stock(worn.stock).name.toLowerCase() })]
        : []),
      ...(kind.nature.moves === 'stays' ? [fact('moves.stays')] : []),
      ...(minutesAWeek >= 15
        ? [
            fact(kind.purpose === 'planter' ? 'work.planter' : 'work.week', {
              minutes: toFive(minutesAWeek),
            }),
          ]
        : []),
      ...(shade ? [fact('shade.takes', { bed: shade.bed, hours: Math.round(shade.hours * 10) / 10 })] : []),
    ],
  };
}
