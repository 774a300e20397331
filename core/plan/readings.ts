import { keepSame } from './keep-same';
import type { Plan, StructurePlan } from './plan';

/**
 * What a tape said of a structure that stands: a length of it as it was built. Kept beside the plan and never in it,
 * because what was meant is not undone by what became of it. Decision 53.
 * @example { structure: 'tomato-wall', kind: 'panel-wall', knob: 'gap', mm: 311 }
 */
export interface Reading {
  structure: string;
  /** What it was built as: what is measured of one kind says nothing of another. */
  kind: string;
  knob: string;
  mm: number;
}

const known = new WeakMap<Plan, { readings: readonly Reading[]; plan: Plan }>();
const laid = new WeakMap<StructurePlan, StructurePlan>();

/**
 * The plan with what was measured laid over what was meant: everything that follows from it follows from what stands.
 * For working out, never for keeping: the door refuses it. What has no reading stays the very object it was.
 */
export function withReadings(plan: Plan, readings: readonly Reading[]): Plan {
  if (readings.length === 0) return plan;
  const before = known.get(plan);
  if (before?.readings === readings) return before.plan;
  const over = {
    ...plan,
    structures: plan.structures.map((structure) => {
      const own = readings.filter((one) => one.structure === structure.id && one.kind === structure.kind);
      if (own.length === 0) return structure;
      const measured = {
        kind: structure.kind,
        mm: Object.fromEntries(own.map(({ knob, mm }) => [knob, mm])),
      };
      const next = keepSame(laid.get(structure), { ...structure, measured }) as StructurePlan;
      laid.set(structure, next);
      return next;
    }),
  };
  known.set(plan, { readings, plan: over });
  return over;
}
