import { cropIn } from '../crops/book';
import type { Plan, StructurePlan } from '../plan/plan';
import { minorDigits, money } from '../quantity/money';
import { kindOf } from '../structures/registry';
import { fact, type Fact } from '../wording/say';
import { openToPlanting } from './keep-out';
import { ALONG, isGuard, OTHER_TRAINING, seasonOf, startOf, weigh, WEEKS_OF_TENDING, type Choice } from './weigh';

/**
 * A season's price of an hour's work, against which money is weighed: what most gardeners would pay to be spared it
 * (from memory). Major units.
 */
const HOUR_IS_WORTH = 8;
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
/** Level twine for what twines up: strings or poles come before it, even where they cost more (common practice, no source). */
const LEVEL_TWINE = 40;

/**
 * Ranks supports for what is planted: those that suit before those that do not, then by what a season
 * costs in money, work, worries and shade. Each is sized, checked and priced as it would be built, so
 * the figures are those of the design. A sketch is a structure that is not in the plan yet, and what is built in its run with it. Covers and fences are
 * ranked by whom they stop of those who come. Decision 36.
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
