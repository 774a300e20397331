import type { Pair } from '../geometry/polygon';
import { couldMeet, neighbourOf, withClashes } from '../plan/clashes';
import { computeAs } from '../plan/compute-as';
import { growingIn } from '../plan/growing';
import type { Plan, StructurePlan } from '../plan/plan';
import { computeRemembered } from '../plan/remembered';
import type { Kinds } from '../plan/setting-of';
import { asStand } from '../site/stands/stands';
import { dayOfYear } from '../site/sun/season';
import { getsPast } from '../site/visitors';
import type { StructureKind } from '../structures/kind';
import type { Fact } from '../wording/say';
import { cornersOf, coversOver, named, ROUND_MM, roundOf, together, type Sketch } from './guard-sketches';
import { openTo, whoIsKeptOut, type BedWatch, type Stood } from './kept-out';

/** A way to keep somebody out of a bed: what would be built, what it costs, who it stops, and who comes all the same. */
export interface Answer {
  structures: readonly Sketch[];
  totalMinor: number;
  stops: readonly string[];
  leaves: readonly string[];
  /** The first day on which a crop has grown into it before it is picked; null where none does. */
  outgrown: string | null;
  /** What has to be settled before it can be built there; null where nothing has. */
  settle: Fact | null;
}

/** What stands in a plan, where no computed garden is at hand. */
export const standingIn = (kinds: Kinds, plan: Plan): Stood[] =>
  plan.structures
    .filter(({ kind }) => kinds(kind).purpose !== 'support')
    .map((structure) => computeRemembered(kinds, plan, structure));

/** Sketches sized and priced together, and whom of those who come to some beds they keep out of one of them; null where they stop nobody, or stand about too many plants one by one. */
function tried(
  kinds: Kinds,
  plan: Plan,
  sketches: readonly Sketch[],
  open: readonly string[],
  watched: readonly BedWatch[],
): Answer | null {
  const structures = named(
    sketches,
    sketches.map((_, i) => `sketch-${i + 1}`),
  ).map((one): StructurePlan => ({ ...one, name: 'Sketch' }));
  const built = { ...plan, structures: [...plan.structures, ...structures] };
  const computed = structures.map((one) => computeAs(kinds, built, one));
  // Who is kept out then is asked as it is of what stands.
  const before = new Map(watched.map((one) => [one.bed.id, openTo(one)]));
  const threats = whoIsKeptOut(built, [...standingIn(kinds, plan), ...computed]).flatMap((one) =>
    one.threats.filter(({ who }) => before.get(one.bed.id)?.includes(who)),
  );
  const stops = open.filter((who) => threats.some((one) => one.who === who && one.keptOut));
  if (stops.length === 0 || computed.some((one) => one.sized.design.bodies > FEW_BODIES)) return null;
  const judged = computed.map((one) =>
    withClashes(
      one,
      couldMeet(plan, one.structure).map((other) => neighbourOf(computeRemembered(kinds, plan, other))),
    ),
  );
  const [first] = threats
    .flatMap(({ who, until, outgrown }) => (until !== null && outgrown && stops.includes(who) ? [until] : []))
    .toSorted((a, b) => dayOfYear(a) - dayOfYear(b));
  return {
    structures: sketches,
    totalMinor: computed.reduce((sum, one) => sum + one.cost.totalMinor, 0),
    stops,
    leaves: open.filter((who) => !stops.includes(who)),
    outgrown: first ?? null,
    settle: judged.flatMap(({ verdicts }) => verdicts).find(({ level }) => level === 'fail')?.told ?? null,
  };
}

/** Whom a structure stops of those who come. */
export function stopsOf({ guard }: Pick<Stood, 'guard'>, open: readonly string[]): string[] {
  return guard === null ? [] : open.filter((who) => getsPast(who, guard) === null);
}

/** Those that stop more first, then those that do so to the end of the crop, then those that can be built as they are, then the cheaper. */
const byWorth = (a: Answer, b: Answer): number =>
  a.leaves.length - b.leaves.length ||
  Number(a.outgrown !== null) - Number(b.outgrown !== null) ||
  Number(a.settle !== null) - Number(b.settle !== null) ||
  a.totalMinor - b.totalMinor;

/** What stands about one plant each is an answer for no more than these (common practice for cages, no source). */
const FEW_BODIES = 6;

/**
 * What would keep out whoever still comes to a bed, sized and priced as it would be built: a cover over it, a fence
 * round it, or one of each; those that stop all first, then those that stop more, the cheaper before the dearer.
 */
export function answersFor(kinds: Kinds, all: readonly StructureKind[], plan: Plan, bedId: string): Answer[] {
  const watched = whoIsKeptOut(plan, standingIn(kinds, plan)).find(({ bed }) => bed.id === bedId);
  const open = watched ? openTo(watched) : [];
  if (!watched || open.length === 0) return [];
  const { bed } = watched;
  const plantings = growingIn(plan).filter((one) => one.bed === bedId);
  // Two covers do not stand in one place.
  const covered = plan.structures.some(
    ({ kind, stand }) => kinds(kind).purpose === 'cover' && asStand(stand, 'bed')?.bed === bedId,
  );
  const isBed = plan.beds.some((one) => one.id === bedId);
  const sketches = [
    ...(covered || !isBed
      ? []
      : coversOver(
          all,
          bedId,
          plantings.map((one) => one.id),
        )),
    ...roundOf(all, cornersOf(bed, ROUND_MM)),
  ];
  const useful = sketches.flatMap((sketch) => tried(kinds, plan, sketch, open, [watched]) ?? []);
  const pairs = useful.flatMap((one, i) =>
    useful.slice(i + 1).flatMap((other): Answer[] => {
      const stops = open.filter((who) => one.stops.includes(who) || other.stops.includes(who));
      return stops.length > Math.max(one.stops.length, other.stops.length)
        ? [
            {
              structures: together(one.structures, other.structures),
              totalMinor: one.totalMinor + other.totalMinor,
              stops,
              leaves: open.filter((who) => !stops.includes(who)),
              outgrown: one.outgrown ?? other.outgrown,
              settle: one.settle ?? other.settle,
            },
          ]
        : [];
    }),
  );
  return [...useful, ...pairs].toSorted(byWorth);
}

/** Who still comes to one planting, of all who visit: as if nothing else grew in its bed. */
export function openToPlanting(kinds: Kinds, plan: Plan, plantingId: string): string[] {
  const alone = { ...plan, plantings: plan.plantings.filter((one) => one.id === plantingId) };
  const [watched] = whoIsKeptOut(alone, standingIn(kinds, alone));
  return watched ? openTo(watched) : [];
}

/** One barrier round every planted bed together: how many of the open beds it closes to somebody; null where it would stop nobody. */
export function answerRoundAll(
  kinds: Kinds,
  all: readonly StructureKind[],
  plan: Plan,
): (Answer & { beds: number }) | null {
  const watched = whoIsKeptOut(plan, standingIn(kinds, plan));
  const open = [...new Set(watched.flatMap((one) => openTo(one)))];
  const corners = watched.flatMap(({ bed }) => cornersOf(bed, ROUND_MM));
  if (watched.length < 2 || open.length === 0) return null;
  const within = (of: 0 | 1, most: number): readonly [number, number] => [
    Math.max(0, Math.min(...corners.map((one) => one[of]))),
    Math.min(most, Math.max(...corners.map((one) => one[of]))),
  ];
  const [left, right] = within(0, plan.site.widthMm);
  const [bottom, top] = within(1, plan.site.depthMm);
  const round: Pair[] = [
    [left, bottom],
    [right, bottom],
    [right, top],
    [left, top],
  ];
  const answers = roundOf(all, round).flatMap((sketches) => tried(kinds, plan, sketches, open, watched) ?? []);
  const [best] = answers.toSorted(byWorth);
  return best
    ? { ...best, beds: watched.filter((one) => openTo(one).some((who) => best.stops.includes(who))).length }
    : null;
}
