import { jointsByStep, TOOLS, type Tool } from '../building/tools';
import type { ComputedStructure } from '../plan/compute-as';
import { stepsOf } from '../plan/steps';
import type { OnDay } from './on-day';

/** What a day of work takes: stock of all kinds, so many pieces of each, and tools in the order in which they are laid out. */
export interface Needs {
  stocks: ReadonlyMap<string, number>;
  tools: readonly Tool[];
}

/** What the work of a day takes, of all structures together. @example needsOf(onDay(weekends, '2027-03-06'), byId).tools */
export function needsOf(
  work: readonly OnDay[],
  byId: ReadonlyMap<string, Pick<ComputedStructure, 'kind' | 'sized' | 'setting'>>,
): Needs {
  const stocks = new Map<string, number>();
  const used = new Set<Tool>();
  const more = (stock: string, n: number): void => void stocks.set(stock, (stocks.get(stock) ?? 0) + n);
  for (const { structure, tasks } of work) {
    const one = byId.get(structure);
    if (!one) continue;
    const steps = stepsOf(one);
    const joints = jointsByStep(steps, one.sized.design.joints);
    const parts = new Map(one.sized.design.parts.map((part) => [part.id, part]));
    for (const i of tasks.flatMap(({ task }) => task.steps)) {
      for (const tool of steps[i]?.uses ?? []) used.add(tool);
      for (const id of steps[i]?.adds ?? []) {
        const part = parts.get(id);
        if (part) more(part.stock, 1);
      }
      for (const joint of joints[i] ?? []) for (const { stock, count } of joint.fixings) more(stock, count);
    }
  }
  return { stocks, tools: TOOLS.filter((tool) => used.has(tool)) };
}
