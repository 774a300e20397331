import { useMemo } from 'react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { TOOLS, type Tool } from '@lignum/core/building/tools';
import { TOOL_WORDS } from '@lignum/core/building/tool-words';
import type { Purchase } from '@lignum/core/costing/buy';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { needsOf } from '@lignum/core/work/needs';
import { boughtAs } from '../../kept/ticks';
import { useTicks } from '../shell/use-ticks';
import type { OnDay } from '@lignum/core/work/on-day';

/** What is laid out, borrowed, charged and bought the day before. */
export function DayBefore({
  work,
  byId,
  purchases,
}: {
  work: readonly OnDay[];
  byId: ReadonlyMap<string, ComputedStructure>;
  purchases: readonly Purchase[];
}) {
  const ticks = useTicks();
  const { tools, stocks } = useMemo(() => {
    const used = new Set<Tool>();
    const wanted = new Map<string, number>();
    for (const { structure, tasks } of work) {
      const computed = byId.get(structure);
      if (!computed) continue;
      const needs = needsOf(
        computed,
        tasks.flatMap(({ task }) => task.steps),
      );
      for (const tool of needs.tools) used.add(tool);
      for (const [stock, n] of needs.stocks) wanted.set(stock, (wanted.get(stock) ?? 0) + n);
    }
    return { tools: TOOLS.filter((tool) => used.has(tool)), stocks: [...wanted] };
  }, [work, byId]);
  const from = (tool: Tool): string => ticks.of('tool', tool)?.note ?? '';
  const isBought = (stock: string): boolean => {
    const own = purchases.filter((one) => one.stock === stock);
    return own.length > 0 && own.every((one) => ticks.of('bought', boughtAs(one))?.done === true);
  };
  const [there, missing] = [stocks.filter(([stock]) => isBought(stock)), stocks.filter(([stock]) => !isBought(stock))];
  const of = (where: string): Tool[] => tools.filter((tool) => from(tool) === where);
  const line = ([stock, n]: readonly [string, number]) => {
    const one = CATALOGUE.stock(stock);
    return one.form === 'bagged' ? one.name : `${n} × ${one.name}`;
  };
  const list = (title: string, all: readonly string[], strong = false) =>
    all.length > 0 && (
      <>
        <h3 className="mt-3 text-base">{title}</h3>
        <ul className={strong ? 'font-medium' : ''}>
          {all.map((said) => (
            <li key={said} className="border-t border-rule py-1 text-[0.95rem]">
              {said}
            </li>
          ))}
        </ul>
      </>
    );
  return (
    <section aria-labelledby="day-before" className="mt-4">
      <h2 id="day-before" className="text-lg">
        The day before
      </h2>
      {list('Buy', missing.map(line), true)}
      {list(
        'Borrow',
        of('borrow').map((tool) => TOOL_WORDS[tool]),
      )}
      {list(
        'Buy as a tool',
        of('buy').map((tool) => TOOL_WORDS[tool]),
      )}
      {tools.includes('drill') && list('Charge', ['Batteries of the drill, and a spare one'])}
      {list(
        'Lay out',
        tools.filter((tool) => !['borrow', 'buy'].includes(from(tool))).map((tool) => TOOL_WORDS[tool]),
      )}
      {list('Bought already', there.map(line))}
    </section>
  );
}
