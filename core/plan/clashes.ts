import { clash, type Neighbour } from '../checks/clash';
import { byUrgency } from '../checks/check';
import { coverOf } from '../design/on-plot';
import type { ComputedStructure, MendableVerdict } from './compute-as';
import type { Plan, StructurePlan } from './plan';

/** What a structure covers on the plot, for others to keep out of. */
export const neighbourOf = ({ structure, sized, frame }: ComputedStructure): Neighbour => ({
  name: structure.name,
  covers: coverOf(sized.design, frame),
});

/** Whether two structures could come to stand in one place: on one bed, or wherever one of them is on no bed. */
const mayMeet = (a: StructurePlan, b: StructurePlan): boolean =>
  a.stand.on !== 'bed' || b.stand.on !== 'bed' || a.stand.bed === b.stand.bed;

/** The other structures of a plan that could stand in the way of one. */
export const couldMeet = (plan: Plan, structure: StructurePlan): StructurePlan[] =>
  plan.structures.filter((other) => other.id !== structure.id && mayMeet(structure, other));

/** A computed structure with what its neighbours say to where it stands. */
export function withClashes(computed: ComputedStructure, neighbours: readonly Neighbour[]): ComputedStructure {
  if (neighbours.length === 0) return computed;
  const met = clash({ covers: neighbourOf(computed).covers, neighbours });
  if (!met) return computed;
  const verdicts = byUrgency([{ ...met }, ...computed.verdicts]) as MendableVerdict[];
  return { ...computed, verdicts: verdicts.map((one) => ({ ...one, mend: one.mend ?? null })) };
}
