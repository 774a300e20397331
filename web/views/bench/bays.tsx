'use client';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { formatLength } from '@lignum/core/quantity/length';
import { useGarden } from '../shell/garden-context';

/** What follows a path, bay by bay: what to cut and where to set the posts. */
export function Bays({ computed }: { computed: ComputedStructure }) {
  const { tongue } = useGarden();
  const { bays } = computed.sized.design;
  if (!bays?.length) return null;
  const length = (mm: number) => formatLength(mm, tongue.units);
  return (
    <details className="mt-4" open>
      <summary className="flex min-h-11 items-center font-display text-lg font-semibold">Bay by bay</summary>
      <div className="overflow-x-auto">
        <table className="w-full max-w-2xl text-[0.95rem] tabular-nums">
          <thead>
            <tr className="border-b-2 border-ink text-left text-[0.85rem] text-soft">
              <th className="py-1 pr-4 font-medium">Bay</th>
              <th className="py-1 pr-4 text-right font-medium">Run</th>
              <th className="py-1 pr-4 text-right font-medium">Begins at</th>
              <th className="py-1 pr-4 text-right font-medium">Centre to centre</th>
              <th className="py-1 pr-4 text-right font-medium">Between posts</th>
              <th className="py-1 text-right font-medium">Soil</th>
            </tr>
          </thead>
          <tbody>
            {bays.map((bay) => (
              <tr key={`${bay.run} ${bay.name}`} className="border-b border-rule">
                <td className="py-1.5 pr-4">{bay.name}</td>
                <td className="py-1.5 pr-4 text-right">{bay.run}</td>
                <td className="py-1.5 pr-4 text-right">{length(bay.fromMm)}</td>
                <td className="py-1.5 pr-4 text-right font-semibold">{length(bay.centresMm)}</td>
                <td className="py-1.5 pr-4 text-right">{length(bay.clearMm)}</td>
                <td className="py-1.5 text-right text-soft">
                  {Math.abs(bay.riseMm) < 1
                    ? 'level'
                    : `${bay.riseMm > 0 ? 'rises' : 'falls'} ${length(Math.abs(bay.riseMm))}`}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}
