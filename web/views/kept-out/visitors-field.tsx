'use client';
import { VISITORS, type Visitor } from '@lignum/core/site/plot';
import { changeSite } from '../shell/edits';
import { useGarden } from '../shell/garden-context';

/** Who visits the plot, ticked. */
export function VisitorsField({ wide = false }: { wide?: boolean }) {
  const { plan, store } = useGarden();
  const { visitors } = plan.site;
  const visit = (visitor: Visitor) =>
    store.edit(
      changeSite({
        visitors: visitors.includes(visitor) ? visitors.filter((one) => one !== visitor) : [...visitors, visitor],
      }),
    );
  return (
    <fieldset>
      <legend className="text-[0.9rem] font-medium">Who visits</legend>
      <div className={`mt-1 grid grid-cols-2 ${wide ? 'gap-x-6 sm:grid-cols-3 lg:grid-cols-5' : ''}`}>
        {VISITORS.map((visitor) => (
          <label key={visitor} className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="size-5 accent-(--chalk)"
              checked={visitors.includes(visitor)}
              onChange={() => visit(visitor)}
            />
            {visitor}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
