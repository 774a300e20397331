import type { Plan, Planting, StructurePlan } from '@lignum/core/plan/plan';
import type { Bed } from '@lignum/core/site/bed';
import type { Settings } from '@lignum/core/structures/knob';
import { bedsNamed, hostNamed } from '@lignum/core/site/stands/stands';

/** Every change a view can make to what stands and grows in a plan, as a pure function of the plan; of its ground and prices: ground-edits. */
export type Edit = (plan: Plan) => Plan;
type Keyed = { readonly id: string };

export const replace = <T extends Keyed>(list: readonly T[], id: string, change: (one: T) => T): T[] =>
  list.map((one) => (one.id === id ? change(one) : one));
export const without = <T extends Keyed>(list: readonly T[], id: string): T[] => list.filter((one) => one.id !== id);

export const changeBed =
  (id: string, change: Partial<Bed>): Edit =>
  (plan) => ({ ...plan, beds: replace(plan.beds, id, (bed) => ({ ...bed, ...change })) });
/** Takes the bed away with all that grows and stands in it; undo brings it back. */
export const removeBed =
  (id: string): Edit =>
  (plan) => ({
    ...plan,
    beds: without(plan.beds, id),
    plantings: plan.plantings.filter((one) => one.bed !== id),
    structures: plan.structures.filter(({ stand }) => !bedsNamed(stand).includes(id)),
  });

export const addPlanting =
  (planting: Planting, structure?: string): Edit =>
  (plan) => ({
    ...plan,
    plantings: [...plan.plantings, planting],
    structures: structure
      ? replace(plan.structures, structure, (one) => ({ ...one, plantings: [...one.plantings, planting.id] }))
      : plan.structures,
  });
export const changePlanting =
  (id: string, change: Partial<Planting>): Edit =>
  (plan) => ({ ...plan, plantings: replace(plan.plantings, id, (one) => ({ ...one, ...change })) });
export const removePlanting =
  (id: string): Edit =>
  (plan) => ({
    ...plan,
    plantings: without(plan.plantings, id),
    structures: plan.structures.map((one) => ({
      ...one,
      plantings: one.plantings.filter((planting) => planting !== id),
    })),
  });

export const addStructure =
  (structure: StructurePlan): Edit =>
  (plan) => ({ ...plan, structures: [...plan.structures, structure] });
export const changeStructure =
  (id: string, change: Partial<StructurePlan>): Edit =>
  (plan) => ({ ...plan, structures: replace(plan.structures, id, (one) => ({ ...one, ...change })) });
/** Takes a structure away with all that stands in its run or grows in it; undo brings it back. */
export const removeStructure =
  (id: string): Edit =>
  (plan) => ({
    ...plan,
    plantings: plan.plantings.filter((one) => one.bed !== id),
    structures: without(plan.structures, id).filter(({ stand }) => hostNamed(stand) !== id),
  });

/** Sets one knob by hand; undefined lets it follow its suggestion again. */
export const setKnob =
  (id: string, knob: string, value: number | string | undefined): Edit =>
  (plan) => ({
    ...plan,
    structures: replace(plan.structures, id, (one) => {
      const { [knob]: _before, ...rest } = one.knobs;
      return { ...one, knobs: value === undefined ? rest : { ...rest, [knob]: value } };
    }),
  });
export const setKnobs = (id: string, knobs: Settings): Edit => changeStructure(id, { knobs });

/** Which of a bed's plantings a structure carries, in their order along the row. */
export const carry = (id: string, plantings: readonly string[]): Edit => changeStructure(id, { plantings });
