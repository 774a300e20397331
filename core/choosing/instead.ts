import type { Plan, StructurePlan } from '../plan/plan';
import { hostNamed } from '../site/stands/stands';
import type { StructureKind } from '../structures/kind';
import { kindOf, KINDS } from '../structures/registry';

/** Kinds that a structure of a plan could be built as in its place; what grows in a planter goes only into another, and what others stand in the run of leaves room for them. */
export function kindsInstead(plan: Pick<Plan, 'structures'>, { id, kind, stand }: StructurePlan): StructureKind[] {
  const hosts = plan.structures.some((other) => hostNamed(other.stand) === id);
  return KINDS.filter(
    (one) =>
      one.stands.includes(stand.on) &&
      // What stands already is said by hand, not chosen.
      (!one.isThere || one.id === kind) &&
      (one.purpose === 'planter') === (kindOf(kind).purpose === 'planter') &&
      (one.hosts || !hosts),
  );
}
