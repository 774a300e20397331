import { computeAs, type ComputedStructure } from '@lignum/core/plan/compute-as';
import { growingIn } from '@lignum/core/plan/growing';
import type { Plan, StructurePlan } from '@lignum/core/plan/plan';
import { bedsNamed, type Stand, asStand } from '@lignum/core/site/stands/stands';
import { SOIL } from '@lignum/core/site/underfoot';
import { waysAmong } from '@lignum/core/site/way';
import type { StructureKind } from '@lignum/core/structures/kind';
import { kindOf, KINDS } from '@lignum/core/structures/registry';
import { newPlanting, planterPlanting } from '../garden/beginnings';
import { newBed } from '../garden/new-bed';
import { newStructure } from '../garden/new-structure';

/** A kind as it would be built in a garden: the garden with it, and what follows from it there. */
export interface Example extends ComputedStructure {
  /** The garden as it would be then. */
  within: Plan;
  /** The bed of the garden it stands on or over, by name; null where it is drawn on ground that is no place of it. */
  on: string | null;
}

const examples = new WeakMap<Plan, Map<string, Example | null>>();

/** The example of a kind in a garden, worked out once. */
export function exampleOf(kind: StructureKind, plan: Plan): Example | null {
  const known = examples.get(plan) ?? new Map<string, Example | null>();
  examples.set(plan, known);
  if (!known.has(kind.id)) known.set(kind.id, worked(kind, plan));
  return known.get(kind.id) ?? null;
}

export function* examplesOf(plan: Plan): Iterable<unknown> {
  for (const kind of KINDS) yield exampleOf(kind, plan);
}

/** A kind as it would be built here: for a planting that has none, over the first way, along twenty feet of fence or in it. */
function worked(kind: StructureKind, plan: Plan): Example | null {
  const growing = growingIn(plan);
  const bed = plan.beds.find((one) => growing.some((planting) => planting.bed === one.id)) ?? newBed(plan);
  const planting = growing.find((one) => one.bed === bed.id) ?? newPlanting(bed, plan.garden.year);
  const path: Stand = {
    on: 'path',
    spots: [
      { xMm: 0, yMm: 0, groundMm: 0 },
      { xMm: 7200, yMm: 0, groundMm: 0 },
    ],
    closed: false,
    inside: 'left',
    underfoot: SOIL,
  };
  const [host] = KINDS.filter((one) => one.hosts).map((one) => newStructure(one.id, plan, path, []));
  const sketch: Plan = {
    ...plan,
    structures: [...plan.structures, ...(host ? [host] : [])],
    beds: [...plan.beds.filter((one) => one.id !== bed.id), bed],
    plantings: [...plan.plantings.filter((one) => one.id !== planting.id), planting],
  };
  const [way] = waysAmong(plan.beds);
  const stands: Record<Stand['on'], Stand | null> = {
    bed: { on: 'bed', bed: bed.id },
    beds: way ? { on: 'beds', beds: [way.beds[0].id, way.beds[1].id] } : null,
    path,
    run: host ? { on: 'run', of: host.id, atMm: 3600 } : null,
    spot: { on: 'spot', at: { xMm: 0, yMm: 0, turnDeg: 0 }, underfoot: SOIL },
  };
  const [stand] = kind.stands.flatMap((on) => stands[on] ?? []);
  if (!stand) return null;
  const structure: StructurePlan = newStructure(kind.id, sketch, stand, asStand(stand, 'bed') ? [planting.id] : []);
  const within = { ...sketch, structures: [...sketch.structures, structure] };
  const drawn = computeAs(kindOf, within, structure);
  const places = drawn.sized.design.roomFor;
  const on = plan.beds.find((one) => bedsNamed(stand).includes(one.id))?.name ?? null;
  if (places === undefined) return { ...drawn, within, on };
  const planted = planterPlanting(structure.id, places, plan.garden.year);
  const full = { ...structure, plantings: [planted.id] };
  const alone = { ...sketch, plantings: [planted], structures: [full] };
  return { ...computeAs(kindOf, alone, full), within: alone, on };
}
