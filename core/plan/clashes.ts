import { clash, type Neighbour } from '../checks/clash';
import { byUrgency, type Verdict } from '../checks/check';
import { outlineOf } from '../geometry/outline';
import { overlap } from '../geometry/polygon';
import { bedOnPlot } from '../site/bed';
import type { PlanSpot } from '../site/plot';
import type { Design } from '../design/design';
import { coverOf, membersOf } from '../design/on-plot';
import type { Frame } from '../site/frame';
import type { StructureKind } from '../structures/kind';
import type { SeenStructure } from './compute-as';
import type { Plan, StructurePlan } from './plan';
import { tiedTo } from './setting-of';
import { asStand, bedsOf, standOf } from '../site/stands/stands';

/** What a design of a kind covers on the plot; of what is gone through its posts as well, which are all of it that comes down, and of the sides of a bed each board. */
export const coveredBy = (
  kind: Pick<StructureKind, 'stands' | 'purpose'>,
  design: Design,
  frame: Frame,
): Pick<Neighbour, 'covers' | 'feet'> => ({
  covers: coverOf(design, frame),
  ...(kind.stands.includes('beds') ? { feet: membersOf(design, frame, true) } : {}),
  ...(kind.purpose === 'bed' ? { feet: membersOf(design, frame, false) } : {}),
});

const covered = new WeakMap<SeenStructure, Neighbour>();
/**
 * What a structure covers on the plot, for others to keep out of; the same for as long as the structure is the same.
 * Decision 26.
 */
export function neighbourOf(computed: SeenStructure): Neighbour {
  const before = covered.get(computed);
  if (before) return before;
  const { structure, sized, frame, kind, setting } = computed;
  const beds = bedsOf(setting.place).map(({ id }) => id);
  const neighbour: Neighbour = {
    name: structure.name,
    ...coveredBy(kind, sized.design, frame),
    beds,
    sidesOf: kind.purpose === 'bed' ? (beds[0] ?? null) : null,
  };
  covered.set(computed, neighbour);
  return neighbour;
}

/** Where on the plot a structure is to be looked for, from its stand alone; convex pieces. */
function whereabouts(plan: Plan, { stand }: StructurePlan): PlanSpot[][] {
  const { pieces, beyondMm } = standOf(stand).about(stand, {
    bed: (id) => plan.beds.filter((one) => one.id === id).flatMap(bedOnPlot),
    structure: (id) => plan.structures.filter((one) => one.id === id).flatMap((host) => whereabouts(plan, host)),
  });
  const off = [-beyondMm, beyondMm];
  return pieces.map((spots) =>
    outlineOf(spots.flatMap(([x, y]) => off.flatMap((dx) => off.map((dy): PlanSpot => [x + dx, y + dy])))),
  );
}

/** Where each structure of a plan is to be looked for, found once. */
export function whereaboutsIn(plan: Plan): (structure: StructurePlan) => readonly PlanSpot[][] {
  const known = new Map<StructurePlan, PlanSpot[][]>();
  return (structure) => {
    const pieces = known.get(structure) ?? whereabouts(plan, structure);
    known.set(structure, pieces);
    return pieces;
  };
}

/** The same for structures that have been sized: where they are, in one piece each. */
export function foundIn(sized: ReadonlyMap<string, Neighbour>): (structure: StructurePlan) => readonly PlanSpot[][] {
  const known = new Map([...sized].map(([id, { covers }]) => [id, [outlineOf(covers.flat())]]));
  return ({ id }) => known.get(id) ?? [];
}

/** Whether each stands on a bed of its own. */
function onOtherBeds(a: StructurePlan, b: StructurePlan): boolean {
  const [one, other] = [asStand(a.stand, 'bed'), asStand(b.stand, 'bed')];
  return one !== null && other !== null && one.bed !== other.bed;
}

/** The other structures of a plan that could stand in the way of one: asked before either is sized. Those on two beds keep to their own. */
export function couldMeet(plan: Plan, structure: StructurePlan, where = whereaboutsIn(plan)): StructurePlan[] {
  const own = where(structure);
  // What stands in a run is meant to be there.
  const tied = tiedTo(plan, structure);
  return plan.structures.filter(
    (other) =>
      other.id !== structure.id &&
      !tied.includes(other) &&
      !onOtherBeds(structure, other) &&
      where(other).some((theirs) => own.some((mine) => overlap(mine, theirs))),
  );
}

const areSides = ({ sidesOf }: Neighbour): boolean => typeof sidesOf === 'string';

/**
 * Who of some neighbours is in the way of a structure: what stands in a bed is not in the way of its sides, nor they of it,
 * and what is gone through meets sides with its posts alone.
 */
export function metBy(own: Neighbour, neighbours: readonly Neighbour[]): Verdict | null {
  const standsIn = (one: Neighbour, sides: Neighbour): boolean =>
    typeof sides.sidesOf === 'string' && one.sidesOf !== sides.sidesOf && (one.beds ?? []).includes(sides.sidesOf);
  const others = neighbours.filter((other) => !standsIn(own, other) && !standsIn(other, own));
  const closely = (other: Neighbour): boolean =>
    areSides(own) !== areSides(other) && own.feet !== undefined && other.feet !== undefined;
  return (
    clash({ covers: own.covers, neighbours: others.filter((other) => !closely(other)) }) ??
    clash({
      covers: own.feet ?? [],
      neighbours: others.filter(closely).map((other) => ({ ...other, covers: other.feet ?? [] })),
    })
  );
}

const judged = new WeakMap<SeenStructure, { neighbours: readonly Neighbour[]; met: Verdict | null }>();

/** A computed structure with what its neighbours say to where it stands. */
export function withClashes<C extends SeenStructure>(computed: C, neighbours: readonly Neighbour[]): C {
  if (neighbours.length === 0) return computed;
  const before = judged.get(computed);
  const same =
    before?.neighbours.length === neighbours.length && before.neighbours.every((one, i) => one === neighbours[i]);
  const met = same ? before.met : metBy(neighbourOf(computed), neighbours);
  judged.set(computed, { neighbours, met });
  if (!met) return computed;
  // A clash has no mend: one of the two has to give way.
  return { ...computed, verdicts: byUrgency([{ ...met, mend: null }, ...computed.verdicts]) };
}
