import { clash, type Neighbour } from '../checks/clash';
import { byUrgency, type Verdict } from '../checks/check';
import { outlineOf } from '../geometry/outline';
import { overlap } from '../geometry/polygon';
import { bedOnPlot } from '../site/bed';
import type { PlanSpot } from '../site/plot';
import { coverOf } from '../design/on-plot';
import type { ComputedStructure } from './compute-as';
import type { Plan, StructurePlan } from './plan';
import { tiedTo } from './setting-of';

const covered = new WeakMap<ComputedStructure, Neighbour>();
/** What a structure covers on the plot, for others to keep out of; the same for as long as the structure is the same. */
export function neighbourOf(computed: ComputedStructure): Neighbour {
  const before = covered.get(computed);
  if (before) return before;
  const { structure, sized, frame } = computed;
  const neighbour = { name: structure.name, covers: coverOf(sized.design, frame) };
  covered.set(computed, neighbour);
  return neighbour;
}

/** Structures stay within about so much of what they stand on (from memory: feet of tepees, guys, eaves of arches). mm. */
const BEYOND_MM = 500;
/** What stands on open ground is found from one place alone. mm. */
const ABOUT_A_SPOT_MM = 8000;

/** Where on the plot a structure is to be looked for, from its stand alone; convex pieces. */
function whereabouts(plan: Plan, { stand }: StructurePlan): PlanSpot[][] {
  const about = (spots: readonly PlanSpot[], by = BEYOND_MM): PlanSpot[] =>
    outlineOf(spots.flatMap(([x, y]) => [-by, by].flatMap((dx) => [-by, by].map((dy): PlanSpot => [x + dx, y + dy]))));
  const bed = (id: string): PlanSpot[] => plan.beds.filter((one) => one.id === id).flatMap(bedOnPlot);
  switch (stand.on) {
    case 'bed':
      return [about(bed(stand.bed))];
    case 'beds':
      return [about(stand.beds.flatMap(bed))];
    case 'path':
      return [...stand.spots, ...(stand.closed ? stand.spots.slice(0, 1) : [])]
        .map(({ xMm, yMm }): PlanSpot => [xMm, yMm])
        .flatMap((to, i, all) => (i > 0 ? [about([all[i - 1] as PlanSpot, to])] : []));
    case 'spot':
      return [about([[stand.at.xMm, stand.at.yMm]], ABOUT_A_SPOT_MM)];
    case 'run':
      return plan.structures.filter((one) => one.id === stand.of).flatMap((host) => whereabouts(plan, host));
  }
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

/** The other structures of a plan that could stand in the way of one: asked before either is sized. Those on two beds keep to their own. */
export function couldMeet(plan: Plan, structure: StructurePlan, where = whereaboutsIn(plan)): StructurePlan[] {
  const own = where(structure);
  // What stands in a run is meant to be there.
  const tied = tiedTo(plan, structure);
  return plan.structures.filter(
    (other) =>
      other.id !== structure.id &&
      !tied.includes(other) &&
      (structure.stand.on !== 'bed' || other.stand.on !== 'bed' || structure.stand.bed === other.stand.bed) &&
      where(other).some((theirs) => own.some((mine) => overlap(mine, theirs))),
  );
}

const judged = new WeakMap<ComputedStructure, { neighbours: readonly Neighbour[]; met: Verdict | null }>();

/** A computed structure with what its neighbours say to where it stands. */
export function withClashes<C extends ComputedStructure>(computed: C, neighbours: readonly Neighbour[]): C {
  if (neighbours.length === 0) return computed;
  const before = judged.get(computed);
  const same =
    before?.neighbours.length === neighbours.length && before.neighbours.every((one, i) => one === neighbours[i]);
  const met = same ? before.met : clash({ covers: neighbourOf(computed).covers, neighbours });
  judged.set(computed, { neighbours, met });
  if (!met) return computed;
  // A clash has no mend: one of the two has to give way.
  return { ...computed, verdicts: byUrgency([{ ...met, mend: null }, ...computed.verdicts]) };
}
