'use client';
import { useMemo } from 'react';
import { kindsInstead } from '@lignum/core/choosing/instead';
import { suiting } from '@lignum/core/choosing/rank';
import { isUrgent } from '@lignum/core/checks/check';
import { computeAs } from '@lignum/core/plan/compute-as';
import type { StructurePlan } from '@lignum/core/plan/plan';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { kindOf } from '@lignum/core/structures/registry';
import { Sheet } from '../../ui/dialog';
import { renamed } from '../garden/new-structure';
import { changeStructure } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import { Glance } from '../shell/glance';

/** Every kind that can stand here, sized for this place and these plants, to change to: undo brings the old one back with its knobs. */
export default function KindSheet({ structure, onClose }: { structure: StructurePlan; onClose: () => void }) {
  const { plan, store, tongue } = useGarden();
  const offers = useMemo(
    () =>
      kindsInstead(plan, structure).map((kind) => ({
        kind,
        computed: computeAs(
          kindOf,
          plan,
          kind.id === structure.kind ? structure : { ...structure, kind: kind.id, knobs: {} },
        ),
      })),
    [plan, structure],
  );
  const take = (kind: string) => {
    if (kind !== structure.kind)
      store.edit(changeStructure(structure.id, { kind, knobs: {}, name: renamed(structure, kind) }));
    onClose();
  };
  return (
    <Sheet open onClose={onClose} title="Build it as" wide>
      <ul className="grid grid-cols-1 gap-3 sm:grid-cols-2 lg:grid-cols-4">
        {offers.map(({ kind, computed }) => {
          const open = computed.verdicts.filter(isUrgent).length;
          const { suits } = suiting(computed);
          const here = kind.id === structure.kind;
          return (
            <li key={kind.id}>
              <button
                type="button"
                aria-pressed={here}
                onClick={() => take(kind.id)}
                className={`flex h-full w-full flex-col rounded-[3px] bg-sheet p-2 text-left hover:shadow-[0_0_0_2px_var(--chalk)] ${here ? 'shadow-[0_0_0_2px_var(--chalk)]' : 'shadow-[0_1px_0_var(--rule)]'}`}
              >
                <Glance design={computed.sized.design} around={computed.around} widthPx={220} heightPx={130} />
                <span className="mt-1 leading-tight font-semibold">{kind.name}</span>
                <span className="mt-auto flex justify-between gap-2 pt-1 text-[0.9rem]">
                  <span>
                    {formatMoney(money(computed.cost.totalMinor, plan.garden.currency), tongue.locale)}
                    {computed.cost.complete ? '' : ' +'}
                  </span>
                  <span className={!suits ? 'text-keel' : open > 0 ? 'text-ochre' : 'text-leaf'}>
                    {here ? 'this one' : !suits ? 'does not suit' : open > 0 ? `${open} to look at` : 'suits'}
                  </span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </Sheet>
  );
}
