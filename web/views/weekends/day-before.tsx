import { useMemo } from 'react';
import type { Tool } from '@lignum/core/building/tools';
import { TOOL_WORDS } from '@lignum/core/building/tool-words';
import type { Purchase } from '@lignum/core/costing/buy';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { needsOf } from '@lignum/core/work/needs';
import { neededWords } from '../../words/work-words';
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
  const { tools, stocks } = useMemo(() => needsOf(work, byId), [work, byId]);
  const from = (tool: Tool): string => ticks.of('tool', tool)?.note ?? '';
  const isBought = (stock: string): boolean => {
    const own = purchases.filter((one) => one.stock === stock);
    return own.length > 0 && own.every((one) => ticks.of('bought', boughtAs(one))?.done === true);
  };
  const wanted = [...stocks];
  const line = ([stock, n]: readonly [string, number]): string => neededWords(stock, n);
  const of = (where: string): Tool[] => tools.filter((tool) => from(tool) === where);
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
      {list('Buy', wanted.filter(([stock]) => !isBought(stock)).map(line), true)}
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
      {list('Bought already', wanted.filter(([stock]) => isBought(stock)).map(line))}
    </section>
  );
}
