import { middleOfLongest } from '../site/path';
import { hostNamed, pathOf, standOf, type Stand } from '../site/stands/stands';
import type { Plan, StructurePlan } from './plan';

/**
 * In the middle of the longest stretch of a run that nothing stands in yet; null where it is no run.
 * @example freeInRun(plan, fence) // { on: 'run', of: 'fence', atMm: 3600 }
 */
export function freeInRun(plan: Plan, host: StructurePlan): Stand | null {
  const path = pathOf(host.stand);
  if (!path) return null;
  const taken = plan.structures.flatMap(({ stand }) =>
    hostNamed(stand) === host.id ? [standOf(stand).alongMm(stand)] : [],
  );
  return { on: 'run', of: host.id, atMm: Math.round(middleOfLongest(path.spots, path.closed, taken)) };
}
