'use client';
import { stepsOf } from '@lignum/core/plan/steps';
import { useMemo } from 'react';
import { TOOLS, type Tool } from '@lignum/core/building/tools';
import { TOOL_WORDS } from '@lignum/core/building/tool-words';
import { toolsFor } from '@lignum/core/building/tools-for';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { formatBit } from '@lignum/core/quantity/length';
import { useGarden } from '../shell/garden-context';
import { useTicks } from '../shell/use-ticks';

const FROM = [
  { id: 'have', label: 'have' },
  { id: 'borrow', label: 'borrow' },
  { id: 'buy', label: 'buy' },
] as const;

/** What the work is done with, and where each tool comes from: said once for the garden, whichever list it is said on. */
export function Tools({ of }: { of: readonly ComputedStructure[] }) {
  const { tongue } = useGarden();
  const { tools, bitsMm } = useMemo(() => {
    const all = of.map((one) => toolsFor(stepsOf(one), one.sized.design));
    const used = new Set(all.flatMap((one) => one.tools));
    return {
      tools: TOOLS.filter((tool) => used.has(tool)),
      bitsMm: [...new Set(all.flatMap((one) => one.bitsMm))].toSorted((a, b) => a - b),
    };
  }, [of]);
  if (tools.length === 0) return null;
  return (
    <section className="mt-10" aria-labelledby="tools">
      <h2 id="tools" className="text-2xl">
        Tools
      </h2>
      <p className="text-soft">
        Lay them out before you begin. Where each comes from is kept for the garden.
        {bitsMm.length > 0 &&
          ` Drill bits for the pilot holes: ${bitsMm.map((mm) => formatBit(mm, tongue.units)).join(', ')}.`}
      </p>
      <ul className="mt-2 lg:columns-2 lg:gap-10">
        {tools.map((tool) => (
          <ToolRow key={tool} tool={tool} />
        ))}
      </ul>
    </section>
  );
}

function ToolRow({ tool }: { tool: Tool }) {
  const ticks = useTicks();
  const from = ticks.of('tool', tool)?.note ?? '';
  return (
    <li className="break-inside-avoid border-t border-rule">
      <fieldset className="flex flex-wrap items-center justify-between gap-x-3">
        <legend className="float-left py-1">{TOOL_WORDS[tool]}</legend>
        <span className="ml-auto flex">
          {FROM.map((one) => (
            <label key={one.id} className="flex min-h-11 cursor-pointer items-center gap-1.5 px-2">
              <input
                type="radio"
                name={`tool ${tool}`}
                className="size-5 accent-(--chalk)"
                checked={from === one.id}
                onChange={() => ticks.mark('tool', tool, { done: one.id === 'have', note: one.id })}
              />
              {one.label}
            </label>
          ))}
        </span>
      </fieldset>
    </li>
  );
}
