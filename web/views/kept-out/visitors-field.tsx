'use client';
import { VISITORS, type Visitor } from '@lignum/core/site/plot';
import type { Plan } from '@lignum/core/plan/plan';
import { gardenOf } from '../shell/computed';
import { notice } from '../shell/notice';
import { NEEDS } from '@lignum/core/site/visitors';
import { changeSite } from '../shell/edits';
import { useGarden } from '../shell/garden-context';

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
function changedBy(before: Plan, after: Plan): string[] {
  const bills = new Map(gardenOf(before).structures.map(({ structure, bill }) => [structure.id, JSON.stringify(bill)]));
  return gardenOf(after).structures.flatMap(({ structure, bill }) =>
    bills.get(structure.id) === JSON.stringify(bill) ? [] : [structure.name],
  );
}

/** Who visits the plot, ticked. */
export function VisitorsField({ wide = false }: { wide?: boolean }) {
  const { plan, store } = useGarden();
  const { visitors } = plan.site;
  const visit = (visitor: Visitor) => {
    const before = store.getState().plan;
    store.edit(
      changeSite({
        visitors: visitors.includes(visitor) ? visitors.filter((one) => one !== visitor) : [...visitors, visitor],
      }),
    );
    // What follows who visits is built otherwise now: that is told, with the way back.
    const after = store.getState().plan;
    const changed = changedBy(before, after);
    if (changed.length > 0)
      notice.say(`${changed.join(', ')} ${changed.length === 1 ? 'follows' : 'follow'} who visits and changed.`, after);
  };
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
