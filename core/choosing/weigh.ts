import { CATALOGUE } from '../catalogue/catalogue';
import { isUrgent, type Verdict } from '../checks/check';
import type { Purchase } from '../costing/buy';
import type { Cost } from '../costing/cost';
import { countOf } from '../crops/planted';
import type { Design } from '../design/design';
import type { Around } from '../plan/around';
import { computeAs, type ComputedStructure } from '../plan/compute-as';
import type { Plan, StructurePlan } from '../plan/plan';
import { shortStand, type ShortStand } from '../plan/stands';
import { onPlotOf } from '../shade/on-plot';
import { bedSuns } from '../shade/study';
import { bedsOf, hostNamed } from '../site/stands/stands';
import { monthDayOf } from '../site/sun/season';
import type { StructureKind } from '../structures/kind';
import { kindOf } from '../structures/registry';
import { fact, type Fact } from '../wording/say';
import { named } from './guard-sketches';
import { openToPlanting, standingIn, stopsOf, type Answer } from './keep-out';
import { openTo, whoIsKeptOut } from './kept-out';

/**
 * One support for a planting, sized and priced for real, with what speaks for it and against it. Plain data, so that a
 * worker can hand it over.
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

/** So many weeks of a year something is tied, wound or opened (from memory). */
export const WEEKS_OF_TENDING = 14;
const FULL_GROWTH_MONTH = { north: 8, south: 2 };
const WORTH_SAYING_H = 0.2;

/** The month in which what grows casts most shade. */
export const fullGrowthMonth = ({ site }: Pick<Plan, 'site'>): number =>
  site.latitudeDeg >= 0 ? FULL_GROWTH_MONTH.north : FULL_GROWTH_MONTH.south;

/** Findings that say no more than that one is too small. */
const TOO_SMALL = new Set(['plants.too-many', 'pots.few']);

export const OTHER_TRAINING = 'training.other';
export const ALONG = 'climb.along';
const UPRIGHT = new Set(['string', 'poles']);
/** A look a week at a plant that winds by itself (from memory). */
const ALONE_MINUTES = 0.25;
/** More of one kind than this in a bed is no plan (from memory). */
const MOST_TIMES = 3;

/** A cover is opened and shut as a whole: as much work a week as so many plants that are tied (from memory). */
const A_COVER_PLANTS = 10;

/** Covers and barriers are weighed by whom they stop. */
export const isGuard = ({ purpose }: Pick<StructureKind, 'purpose'>): boolean =>
  purpose === 'cover' || purpose === 'barrier';

/** A structure of a plan, what hangs in its run, and the plan without either. */
function apart(plan: Plan, structure: StructurePlan): { without: Plan; also: StructurePlan[] } {
  const also = plan.structures.filter(({ stand }) => hostNamed(stand) === structure.id);
  return {
    also,
    without: { ...plan, structures: plan.structures.filter((one) => one !== structure && !also.includes(one)) },
  };
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
    const { without, also } = apart(plan, structure);
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

/** What is built in a plan with what hangs in it, worked out. */
interface BuiltIn {
  computed: ComputedStructure;
  others: readonly ComputedStructure[];
}

function builtIn(plan: Plan, structure: StructurePlan, also: readonly StructurePlan[]): BuiltIn {
  const built = { ...plan, structures: [...plan.structures, structure, ...also] };
  return {
    computed: computeAs(kindOf, built, structure),
    others: also.map((one) => computeAs(kindOf, built, one)),
  };
}

/** Of the other beds, that which loses most sun to it in full growth; null of what takes none worth a word. */
function shadeOf(plan: Plan, { computed, others }: BuiltIn): Choice['shade'] {
  const own = bedsOf(computed.setting.place).map((bed) => bed.id);
  // What grows under a cover or behind a fence stands there without it: its shade is not theirs.
  const standing = [computed, ...others]
    .map(onPlotOf)
    .map((one) => (isGuard(computed.kind) ? { ...one, design: { ...one.design, stations: [] } } : one));
  const beds = plan.beds.filter((bed) => !own.includes(bed.id));
  return bedSuns(plan, standing, beds, fullGrowthMonth(plan), 40, 800)
    .map(({ takenBy }, i) => ({
      bed: beds[i]?.name ?? '',
      hours: Object.values(takenBy).reduce((sum, one) => sum + one, 0),
    }))
    .reduce<Choice['shade']>((most, one) => (one.hours > (most?.hours ?? WORTH_SAYING_H) ? one : most), null);
}

/**
 * The sun that something of the plan takes, as {@link weighed} says it, without weighing anything else; undefined of
 * what is too small or unfit for its plants, which stands nowhere yet.
 */
export function shadeTaken(plan: Plan, structure: StructurePlan): Choice['shade'] | undefined {
  const { without, also } = apart(plan, structure);
  const built = builtIn(without, structure, also);
  return suiting(built.computed).suits ? shadeOf(without, built) : undefined;
}

/**
 * One structure that is not in the plan, as it would be with what hangs in it.
 * @param open who comes to what it is for
 * @param inWind whether it is asked how it stands, which takes longest
 */
export function weigh(
  plan: Plan,
  structure: StructurePlan,
  also: readonly StructurePlan[],
  open: readonly string[],
  inWind = true,
): Choice {
  const built = builtIn(plan, structure, also);
  const { computed, others } = built;
  const { kind, sized, shopping, verdicts } = computed;
  const guards = isGuard(kind);
  const stops = guards ? stopsOf(computed, open) : [];
  const { wanted, places, times, suits } = suiting(computed);
  const short = suits && inWind ? shortStand(computed) : null;
  const found: Found = {
    ...computed,
    stops,
    leaves: guards ? open.filter((who) => !stops.includes(who)) : [],
    nobodyComes: open.length === 0,
    stand: typeof short === 'string' ? null : short,
    minutesAWeek: minutesOf(computed),
    // What will not do casts its shade on nobody.
    shade: suits ? shadeOf(plan, built) : null,
  };
  return {
    structure,
    also,
    design: sized.design,
    around: computed.around,
    cost: others.reduce((sum, one) => costOfBoth(sum, one.cost), computed.cost),
    purchases: [...shopping.purchases, ...others.flatMap((one) => one.shopping.purchases)],
    verdicts,
    guard: guards ? { stops, leaves: found.leaves } : null,
    minutesAWeek: found.minutesAWeek,
    stand: found.stand,
    shade: found.shade,
    times,
    share: times > 1 && sized.design.bodies > 1 ? wanted / places : times,
    // What stops nobody of those who come is no cover for this.
    suits: suits && (!guards || open.length === 0 || stops.length > 0),
    pro: prosOf(found),
    con: consOf(found),
  };
}

/** What was found of one, from which follows what speaks for and against it. */
type Found = ComputedStructure &
  Pick<Choice, 'stand' | 'shade' | 'minutesAWeek'> & {
    stops: readonly string[];
    leaves: readonly string[];
    nobodyComes: boolean;
  };

/** Seasons that what carries it lasts; 0 of what has no body. */
function lastsOf({ sized }: Found): number {
  const { parts, traits } = sized.design;
  const body = parts.find(({ role }) => traits[role]?.as === 'body');
  return body ? CATALOGUE.stock(body.stock).life.seasons : 0;
}

function prosOf(found: Found): Fact[] {
  const { kind, setting, sized, shopping, verdicts, stops, stand } = found;
  const lead = setting.planted[0];
  const good = (check: string): Fact[] =>
    verdicts.filter((verdict) => verdict.check === check && verdict.level === 'good').map((verdict) => verdict.told);
  const bestOn = lead?.training.bestOn;
  const lasts = lastsOf(found);
  return [
    ...(stops.length > 0 ? [fact('guard.stops', { who: stops.join(', ') })] : []),
    ...good('crop-climbs'),
    ...good('crop-height'),
    ...good('crop-load'),
    ...good('mesh-opening'),
    ...(bestOn && bestOn === sized.design.hold?.by
      ? [fact('training.made-for', { training: lead?.training.name ?? '' })]
      : []),
    ...(isGuard(kind)
      ? []
      : [
          fact(sized.design.roomFor === undefined ? 'plants.room' : 'plants.places', { places: suiting(found).places }),
        ]),
    ...(stand && stand.stand !== 'fails' ? [fact('wind.stands', { share: Math.round(stand.share * 100) })] : []),
    ...(lasts >= 10 ? [fact('life.long', { seasons: lasts })] : []),
    ...(kind.nature.moves === 'stays' ? [] : [fact(kind.nature.moves === 'folds' ? 'moves.folds' : 'moves.apart')]),
    ...(shopping.fromShed.length > 0 ? [fact('shed.some')] : []),
  ];
}

function consOf(found: Found): Fact[] {
  const { kind, setting, sized, shopping, verdicts, leaves, nobodyComes, stand, minutesAWeek, shade } = found;
  const { wanted, places, times } = suiting(found);
  const lead = setting.planted[0];
  const failing = verdicts.filter(isUrgent).map((verdict) => verdict.told);
  const worn = shopping.purchases.reduce<{ stock: string; seasons: number } | null>((least, one) => {
    const { seasons } = CATALOGUE.stock(one.stock).life;
    return !least || seasons < least.seasons ? { stock: one.stock, seasons } : least;
  }, null);
  const bestOn = lead?.training.bestOn;
  const lasts = lastsOf(found);
  return [
    ...(isGuard(kind) && nobodyComes ? [fact('guard.nobody')] : []),
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
      ? [fact(kind.purpose === 'planter' ? 'work.planter' : 'work.week', { minutes: toFive(minutesAWeek) })]
      : []),
    ...(shade ? [fact('shade.takes', { bed: shade.bed, hours: Math.round(shade.hours * 10) / 10 })] : []),
  ];
}
