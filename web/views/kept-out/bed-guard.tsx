'use client';
import Link from 'next/link';
import { useMemo } from 'react';
import { openTo, whoIsKeptOut } from '@lignum/core/choosing/kept-out';
import { useGarden } from '../shell/garden-context';
import { useResults } from '../shell/use-results';

/** Who comes to a bed of the plot, or to a planter that is one, and the way to what would keep them out. */
export function BedGuard({ bed }: { bed: string }) {
  const { id } = useGarden();
  const { plan, garden } = useResults();
  const watched = useMemo(
    () => whoIsKeptOut(plan, garden.structures).find((one) => one.bed.id === bed),
    [plan, garden, bed],
  );
  if (!watched || watched.threats.length === 0) return null;
  const open = openTo(watched);
  return (
    <p className="text-[0.95rem]">
      {open.length === 0 ? 'Closed to whoever comes.' : `Open to ${open.join(', ')}.`}{' '}
      <Link href={`/g/${id}/kept-out?bed=${bed}`} className="text-chalk underline">
        {open.length === 0 ? 'By what?' : 'What keeps them out?'}
      </Link>
    </p>
  );
}
