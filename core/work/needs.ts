import { TOOLS, type Tool } from '../building/tools';
import { jointsByStep } from '../building/tools';
import type { ComputedStructure } from '../plan/compute-as';
import { stepsOf } from '../plan/steps';

/** What some steps of a structure take: parts by their role, and stock of all kinds, so many pieces of each. */
export interface Needs {
  parts: ReadonlyMap<string, number>;
  stocks: ReadonlyMap<string, number>;
  tools: readonly Tool[];
}

/** What some of a structure’s steps take. @param steps by their place @example needsOf(computed, [4, 5]).tools */
export function needsOf(
  { kind, sized, setting }: Pick<ComputedStructure, 'kind' | 'sized' | 'setting'>,
  steps: readonly number[],
): Needs {
  const all = stepsOf({ kind, sized, setting });
  const joints = jointsByStep(all, sized.design.joints);
  const byId = new Map(sized.design.parts.map((part) => [part.id, part]));
  const parts = new Map<string, number>();
  const stocks = new Map<string, number>();
  const used = new Set<Tool>();
  const more = (of: Map<string, number>, key: string, n: number): void => void of.set(key, (of.get(key) ?? 0) + n);
  for (const i of steps) {
    for (const tool of all[i]?.uses ?? []) used.add(tool);
    for (const id of all[i]?.adds ?? []) {
      const part = byId.get(id);
      if (!part) continue;
      more(parts, part.role, 1);
      more(stocks, part.stock, 1);
    }
    for (const joint of joints[i] ?? []) for (const { stock, count } of joint.fixings) more(stocks, stock, count);
  }
  return { parts, stocks, tools: TOOLS.filter((tool) => used.has(tool)) };
}
