'use client';
import { postNumbers } from '@lignum/core/design/post-numbers';
import { Fence, Plus } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { formatLength } from '@lignum/core/quantity/length';
import { secondWanted } from '@lignum/core/site/visitors';
import { Button } from '../../ui/button';
import { addStructure } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import { notice } from '../shell/notice';
import { BaysAsBuilt } from './bays-as-built';

/** What stands on a line of posts, bay by bay: what to cut, where to set the posts, and what the tape says once they stand. */
export function Bays({ computed }: { computed: ComputedStructure }) {
  const { id, plan, store, tongue } = useGarden();
  const router = useRouter();
  const [noRoom, setNoRoom] = useState(false);
  const { bays } = computed.sized.design;
  if (!bays?.length) return null;
  // Other kinds are fetched when one is wanted.
  const putGate = async () => {
    const { gateIn } = await import('../garden/add-to-run');
    const gate = gateIn(plan, computed.structure);
    if (!gate) return;
    store.edit(addStructure(gate));
    router.push(`/g/${id}/s/${gate.id}`);
  };
  const two = secondWanted(computed.setting.site.visitors, computed.setting.second);
  const laySecond = async (apartMm: number) => {
    const [{ newStructures }, { secondAlong }] = await Promise.all([
      import('../garden/new-structure'),
      import('@lignum/core/choosing/second-fence'),
    ]);
    const { structure } = computed;
    const made = newStructures(secondAlong(plan, structure, apartMm), plan);
    const [fence] = made;
    if (!fence) {
      setNoRoom(true);
      return;
    }
    store.edit((now) => made.reduce((so, one) => addStructure(one)(so), now));
    const gates = made.length - 1;
    notice.say(
      `${fence.name} was laid ${length(apartMm)} beside ${structure.name}${gates > 0 ? `, with ${gates === 1 ? 'its gate' : `its ${gates} gates`} in line` : ''}.`,
      store.getState().plan,
    );
  };
  const numbers = postNumbers(computed.sized.design);
  const stretches = bays.some(({ run }) => run > 1);
  const falls = bays.some((bay) => Math.abs(bay.riseMm) >= 1);
  const length = (mm: number) => formatLength(mm, tongue.units);
  return (
    <details className="mt-4" open>
      <summary className="flex min-h-11 items-center font-display text-lg font-semibold">Bay by bay</summary>
      <div className="overflow-x-auto">
        <table className="w-full max-w-2xl text-[0.95rem] tabular-nums">
          <thead>
            <tr className="border-b-2 border-ink text-left text-[0.85rem] text-soft">
              <th className="py-1 pr-4 font-medium">Bay</th>
              <th className="py-1 pr-4 text-right font-medium">Posts</th>
              {stretches && <th className="py-1 pr-4 text-right font-medium">Stretch</th>}
              <th className="py-1 pr-4 text-right font-medium">Begins at</th>
              <th className="py-1 pr-4 text-right font-medium">Centre to centre</th>
              <th className="py-1 pr-4 text-right font-medium">Between posts</th>
              <th className="py-1 text-right font-medium">Soil</th>
            </tr>
          </thead>
          <tbody>
            {bays.map((bay) => (
              <tr key={bay.name} className="border-b border-rule">
                <td className="py-1.5 pr-4">
                  {bay.guest === null ? (
                    bay.name
                  ) : (
                    <Link
                      href={`/g/${id}/s/${bay.guest}`}
                      className="inline-flex min-h-8 items-center text-chalk underline"
                    >
                      {plan.structures.find((one) => one.id === bay.guest)?.name}
                    </Link>
                  )}
                </td>
                <td className="py-1.5 pr-4 text-right whitespace-nowrap">
                  {bay.posts.map((post) => numbers.get(post)).join('–')}
                </td>
                {stretches && <td className="py-1.5 pr-4 text-right">{bay.run}</td>}
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
      {falls && (
        <p className="mt-2 text-[0.9rem] text-soft">
          {bays.some(({ onSoil }) => onSoil)
            ? 'These are by a tape laid on the soil, along the slope.'
            : 'These are level: one holds the tape level, the other plumbs down to the soil. Figures “on the soil” on the drawing are by a tape laid on it, and longer.'}
        </p>
      )}
      <BaysAsBuilt computed={computed} />
      {computed.kind.hosts && (
        <div className="mt-3 flex flex-wrap gap-2">
          <Button onClick={() => void putGate()}>
            <Plus size={16} aria-hidden />
            Put a gate in it
          </Button>
          {two && (
            <Button onClick={() => void laySecond(two.apartMm)}>
              <Fence size={16} aria-hidden />
              Lay a second one along it, both {length(two.heightMm)} high
            </Button>
          )}
        </div>
      )}
      {noRoom && two && (
        <p role="status" className="mt-2 text-ochre">
          The plot has no room for one {length(two.apartMm)} beside {computed.structure.name}: move its corners, or
          build it as high as one alone has to be.
        </p>
      )}
    </details>
  );
}
