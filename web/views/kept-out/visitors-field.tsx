'use client';
import { VISITORS, type Visitor } from '@lignum/core/site/plot';
import { sameBill } from '@lignum/core/materials/take-off';
import type { SeenGarden } from '@lignum/core/plan/compute';
import { useEffect, useRef } from 'react';
import { notice } from '../shell/notice';
import { NEEDS } from '@lignum/core/site/visitors';
import { changeSite } from '../shell/ground-edits';
import { useGarden } from '../shell/garden-context';
import type { WorkedOut } from '../../worked/working';
import { useResults } from '../shell/use-results';

/** As they come: on foot, climbing in, from below, on wings, or past any mesh. */
const GROUPS = (
  [
    ['On foot', ['fence']],
    ['Climb in', ['roof']],
    ['From under the soil', ['floor']],
    ['On wings', ['net']],
    ['Past any mesh', ['no mesh']],
  ] as const
).map(([title, by]) => ({
  title,
  who: VISITORS.filter((who) => (by as readonly string[]).includes(NEEDS[who]?.by ?? '')),
}));

/** What is built otherwise, by name, though nobody turned a knob of it. */
function changedBy(before: SeenGarden, after: SeenGarden): string[] {
  const bills = new Map(before.structures.map(({ structure, bill }) => [structure.id, bill]));
  return after.structures.flatMap(({ structure, bill }) =>
    sameBill(bills.get(structure.id) ?? [], bill) ? [] : [structure.name],
  );
}

/** Who visits the plot, ticked. */
export function VisitorsField({ wide = false }: { wide?: boolean }) {
  const { plan, store } = useGarden();
  const worked = useResults();
  /** What stood before who visits was changed, until it is known what that changes. */
  const before = useRef<WorkedOut | null>(null);
  const { visitors } = plan.site;
  const visit = (visitor: Visitor) => {
    before.current ??= worked;
    store.edit(
      changeSite({
        visitors: visitors.includes(visitor) ? visitors.filter((one) => one !== visitor) : [...visitors, visitor],
      }),
    );
  };
  useEffect(() => {
    // What follows who visits is built otherwise now: that is told, with the way back.
    const was = before.current;
    if (!was || worked.plan !== plan) return;
    before.current = null;
    const changed = changedBy(was.garden, worked.garden);
    if (changed.length > 0)
      notice.say(`${changed.join(', ')} ${changed.length === 1 ? 'follows' : 'follow'} who visits and changed.`, plan);
  }, [worked, plan]);
  return (
    <fieldset>
      <legend className="text-[0.9rem] font-medium">Who visits</legend>
      {GROUPS.map(({ title, who }) => (
        <div key={title} role="group" aria-label={title} className={wide ? 'mt-1 sm:flex sm:gap-x-4' : 'mt-2'}>
          <p className={`text-[0.85rem] text-soft ${wide ? 'sm:w-28 sm:shrink-0 sm:pt-3' : ''}`}>{title}</p>
          <div className={`grid grow grid-cols-2 ${wide ? 'gap-x-6 sm:grid-cols-3 lg:grid-cols-5' : ''}`}>
            {who.map((visitor) => (
              <label key={visitor} className="flex min-h-11 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-6 shrink-0 accent-(--chalk)"
                  checked={visitors.includes(visitor)}
                  onChange={() => visit(visitor)}
                />
                {visitor}
              </label>
            ))}
          </div>
        </div>
      ))}
    </fieldset>
  );
}
