import { clash, type Neighbour } from '../checks/clash';
import { byUrgency } from '../checks/check';
import { outlineOf } from '../geometry/outline';
import { overlap } from '../geometry/polygon';
import { bedOnPlot } from '../site/bed';
import type { PlanSpot } from '../site/plot';
import { coverOf } from '../design/on-plot';
import type { ComputedStructure } from './compute-as';
import type { Plan, StructurePlan } from './plan';
import { tiedTo } from './setting-of';

/** What a structure covers on the plot, for others to keep out of. */
export const neighbourOf = ({ structure, sized, frame }: ComputedStructure): Neighbour => ({
  name: structure.name,
  covers: coverOf(sized.design, frame),
});

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

/** The other structures of a plan that could stand in the way of one: asked before either is sized. Those on two beds keep to their own. */
export function couldMeet(plan: Plan, structure: StructurePlan): StructurePlan[] {
  const own = whereabouts(plan, structure);
  // What stands in a run is meant to be there.
  const tied = tiedTo(plan, structure);
  return plan.structures.filter(
    (other) =>
      other.id !== structure.id &&
      !tied.includes(other) &&
      (structure.stand.on !== 'bed' || other.stand.on !== 'bed' || structure.stand.bed === other.stand.bed) &&
      whereabouts(plan, other).some((theirs) => own.some((mine) => overlap(mine, theirs))),
  );
}

/** A computed structure with what its neighbours say to where it stands. */
export function withClashes<C extends ComputedStructure>(computed: C, neighbours: readonly Neighbour[]): C {
  if (neighbours.length === 0) return computed;
  const met = clash({ covers: neighbourOf(computed).covers, neighbours });
  if (!met) return computed;
  // A clash has no mend: one of the two has to give way.
  return { ...computed, verdicts: byUrgency([{ ...met, mend: null }, ...computed.verdicts]) };
}
