import type { Plan, StructurePlan } from '../plan/plan';
import { hostNamed } from '../site/stands/stands';
import type { StructureKind } from '../structures/kind';
import { kindOf, KINDS } from '../structures/registry';

/** Kinds that a structure of a plan could be built as in its place: what is for the same, so that it is weighed like for like, and leaves room for what others stand in the run of. */
export function kindsInstead(plan: Pick<Plan, 'structures'>, { id, kind, stand }: StructurePlan): StructureKind[] {
  const hosts = plan.structures.some((other) => hostNamed(other.stand) === id);
  return KINDS.filter(
    (one) =>
      one.stands.includes(stand.on) &&
      // What stands already is said by hand, not chosen.
      (!one.isThere || one.id === kind) &&
      one.purpose === kindOf(kind).purpose &&
      (one.hosts || !hosts),
  );
}
