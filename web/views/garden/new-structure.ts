import { named, type Sketch } from '@lignum/core/choosing/guard-sketches';
import type { Plan, StructurePlan } from '@lignum/core/plan/plan';
import { type Stand, bedsNamed, hostNamed } from '@lignum/core/site/stands/stands';
import { cardOf } from '@lignum/core/structures/cards';
import { newId } from '../../kept/new-id';

/** What a kind is called in the names of what is built: its own name up to what it stands on. */
const shortName = (kind: string): string => cardOf(kind).name.split(/ on |,/)[0] ?? '';

/** What follows the kind in a name that nobody gave: nothing, its number, where it stands. */
const FOLLOWS = /^( \d+|, .+)?$/;

/** The name of a structure that is built as another kind: one that was named after its kind is named after the new one. */
export function renamed({ name, kind }: Pick<StructurePlan, 'name' | 'kind'>, to: string): string {
  const [was, is] = [shortName(kind), shortName(to)];
  const rest = name.slice(was.length);
  return name.startsWith(was) && FOLLOWS.test(rest) ? `${is}${rest}`.slice(0, 80) : name;
}

/** A structure of a kind with every knob on its suggestion, named after where it stands. */
export function newStructure(
  kind: string,
  plan: Pick<Plan, 'beds' | 'structures'>,
  stand: Stand,
  plantings: readonly string[],
): StructurePlan {
  const named = (id: string) => plan.beds.find((bed) => bed.id === id)?.name ?? '';
  const host = plan.structures.find((one) => one.id === hostNamed(stand));
  const where = host?.name ?? bedsNamed(stand).map(named).join(' to ');
  const what = shortName(kind);
  const same = plan.structures.filter((one) => one.kind === kind).length;
  return {
    id: `support-${newId()}`,
    kind,
    name: (where ? `${what}, ${where}` : same > 0 ? `${what} ${same + 1}` : what).slice(0, 80),
    stand,
    plantings,
    knobs: {},
  };
}

/** Sketches that are built together, each with its own id and name; what stands in the run of another names that. */
export function newStructures(sketches: readonly Sketch[], plan: Pick<Plan, 'beds' | 'structures'>): StructurePlan[] {
  const ids = sketches.map(() => `support-${newId()}`);
  return named(sketches, ids).reduce<StructurePlan[]>((made, one) => {
    const there = { ...plan, structures: [...plan.structures, ...made] };
    return [...made, { ...newStructure(one.kind, there, one.stand, one.plantings), id: one.id, knobs: one.knobs }];
  }, []);
}
