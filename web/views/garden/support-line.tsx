'use client';
import Link from 'next/link';
import { AlertOctagon, Check, TriangleAlert } from 'lucide-react';
import { formatMoney, money } from '@lignum/core/quantity/money';
import type { SeenStructure } from '@lignum/core/plan/compute-as';
import { useGarden } from '../shell/garden-context';

/** A structure in a line: what it is called, whether it will do, and what it costs. */
export function SupportLine({ computed }: { computed: SeenStructure }) {
  const { id, plan, tongue } = useGarden();
  const { structure, cost, verdicts } = computed;
  const fails = verdicts.filter((verdict) => verdict.level === 'fail').length;
  const warns = verdicts.filter((verdict) => verdict.level === 'warn').length;
  return (
    <Link href={`/g/${id}/s/${structure.id}`} className="group flex min-h-11 items-center justify-between gap-3 py-1">
      <span className="min-w-0 truncate">
        <span className="font-semibold group-hover:text-chalk group-hover:underline">{structure.name}</span>{' '}
        <span className="text-soft">{computed.kind.name.toLowerCase()}</span>
      </span>
      <span className="flex shrink-0 items-center gap-3">
        {fails > 0 ? (
          <span className="flex items-center gap-1 text-[0.85rem] font-semibold text-keel">
            <AlertOctagon size={15} aria-hidden />
            will not do
          </span>
        ) : warns > 0 ? (
          <span className="flex items-center gap-1 text-[0.85rem] font-semibold text-ochre">
            <TriangleAlert size={15} aria-hidden />
            {warns} to look at
          </span>
        ) : (
          <span className="flex items-center gap-1 text-[0.85rem] text-leaf">
            <Check size={15} aria-hidden />
            good
          </span>
        )}
        <span className="font-semibold">
          {formatMoney(money(cost.totalMinor, plan.garden.currency), tongue.locale)}
        </span>
      </span>
    </Link>
  );
}
