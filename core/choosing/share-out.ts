import { HEFT } from '../catalogue/stock';
import { cropIn } from '../crops/book';
import { trainingOf } from '../crops/table';
import { growingIn } from '../plan/growing';
import type { Plan, Planting } from '../plan/plan';
import type { Fact } from '../wording/say';
import { named } from './guard-sketches';
import { bestKind } from './rank';
import { sketchesFor } from './sketches';
import type { Choice } from './weigh';
import { midSuns, rankBeds } from './where';

/** So many plants of a crop that somebody wants to grow. */
export interface Wish {
  id: string;
  crop: string;
  training: string;
  count: number;
}

export interface Granted {
  wish: Wish;
  /** Where they go, bed by bed, and on what: the kind that ranks first there, weighed; null for what needs no support. */
  parts: readonly {
    bed: string;
    count: number;
    pro: readonly Fact[];
    con: readonly Fact[];
    on: Choice | null;
  }[];
  /** How many there is no room for. */
  left: number;
}

/** What each crop that grows in a bed weighs against another bed that is empty: half of what makes a bed too bad (from memory). */
const CROWDED = 30;
/** A bed this much worse than the best is not used to squeeze a few more in. */
const TOO_BAD = 60;

/**
 * Finds room for a list of wishes in the beds as they are: the heavy and tall first, because they
 * have the fewest places they can go, each in its best bed with what is left in the next. Says what
 * does not fit. Deterministic; a good sharing-out, not proved the best.
 */
export function shareOut(plan: Plan, wishes: readonly Wish[]): Granted[] {
  const suns = midSuns(plan);
  const order = [...wishes].sort((a, b) => {
    const [x, y] = [cropIn(plan.crops, a.crop), cropIn(plan.crops, b.crop)];
    return HEFT[y.load] - HEFT[x.load] || y.supportToMm - x.supportToMm || (a.id < b.id ? -1 : 1);
  });
  let filled = plan;
  const granted = new Map<string, Granted>();
  for (const wish of order) {
    const crop = cropIn(plan.crops, wish.crop);
    const training = trainingOf(crop, wish.training);
    const parts: Granted['parts'][number][] = [];
    let left = wish.count;
    const ranked = rankBeds(filled, crop, training, left, suns);
    // An empty bed is filled before another is crowded: a garden is used all over, not its best bed alone.
    const growing = growingIn(filled);
    const crowded = (bed: string): number => CROWDED * growing.filter((one) => one.bed === bed).length;
    const best = [...ranked].sort(
      (a, b) => Number(b.suits) - Number(a.suits) || a.burden + crowded(a.bed.id) - b.burden - crowded(b.bed.id),
    );
    const limit = (best[0]?.burden ?? 0) + TOO_BAD;
    for (const choice of best) {
      const count = Math.min(left, choice.places.inset);
      if (count <= 0 || choice.burden > limit || choice.con.some((told) => told.code === 'bed.shade')) continue;
      parts.push({
        bed: choice.bed.id,
        count,
        pro: choice.pro,
        con: choice.con.filter((told) => told.code !== 'bed.some-room'),
        on: null,
      });
      filled = {
        ...filled,
        plantings: [...filled.plantings, plantingOf(wish, choice.bed.id, count, parts.length, plan.garden.year)],
      };
      left -= count;
      if (left === 0) break;
    }
    granted.set(wish.id, { wish, parts, left });
  }
  return wishes.map((wish) => granted.get(wish.id) as Granted);
}

/** The same with what each part would stand on, under or behind, as if it were built there: as much work as ranking all kinds for every part. What nobody comes to stands open. */
export function withSupports(plan: Plan, granted: readonly Granted[]): Granted[] {
  return granted.map(({ wish, parts, left }) => ({
    wish,
    left,
    parts: parts.map((part, i) => {
      const planting = plantingOf(wish, part.bed, part.count, i + 1, plan.garden.year);
      const there = { ...plan, plantings: [...plan.plantings, planting] };
      const bed = plan.beds.find((one) => one.id === part.bed);
      const sketches = bed ? sketchesFor(there, bed, planting) : [];
      const first = bestKind(
        there,
        sketches.map((some, n) =>
          named(
            some,
            some.map((_, k) => `on-${n}-${k}`),
          ).map((one) => ({ ...one, name: one.kind })),
        ),
      );
      const wanted = first?.suits && first.guard?.stops.length !== 0;
      const on = wanted ? first : null;
      return { ...part, on };
    }),
  }));
}

const plantingOf = (wish: Wish, bed: string, count: number, part: number, year: number): Planting => ({
  id: `${wish.id}-${part}`,
  bed,
  crop: wish.crop,
  training: wish.training,
  count,
  year,
});

/** The plantings that carry a sharing-out into the plan. */
export const plantingsFor = (granted: readonly Granted[], year: number): Planting[] =>
  granted.flatMap(({ wish, parts }) => parts.map((part, i) => plantingOf(wish, part.bed, part.count, i + 1, year)));
