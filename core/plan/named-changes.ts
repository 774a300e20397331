import { cropIn } from '../crops/book';
import type { Change } from './changes';
import type { Plan } from './plan';

/** A change with what it happened to by name: of a thing that was removed as it was called, of a planting its crop. */
export type NamedChange = Change & { name: string };

/** Changes from one plan to another, each with its name. */
export const named = (changes: readonly Change[], before: Plan, after: Plan): NamedChange[] =>
  changes.map((change) => ({ ...change, name: nameOf(change, change.is === 'removed' ? before : after) }));

function nameOf(change: Change, plan: Plan): string {
  if (!('id' in change)) return '';
  const { what, id } = change;
  if (what === 'planting') {
    const planting = plan.plantings.find((one) => one.id === id);
    return planting ? cropIn(plan.crops, planting.crop).name : '';
  }
  const lists = { bed: plan.beds, structure: plan.structures, feature: plan.features, crop: plan.crops };
  const found = lists[what].find((one) => one.id === id);
  return found ? found.name || ('kind' in found ? found.kind : '') : '';
}
