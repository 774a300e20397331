'use client';
import Link from 'next/link';
import { useMemo } from 'react';
import { openTo, whoIsKeptOut } from '@lignum/core/choosing/kept-out';
import { gardenOf } from '../shell/computed';
import { useGarden } from '../shell/garden-context';

/** Who comes to a bed of the plot, or to a planter that is one, and the way to what would keep them out. */
export function BedGuard({ bed }: { bed: string }) {
  const { id, plan } = useGarden();
  const watched = useMemo(
    () => whoIsKeptOut(plan, gardenOf(plan).structures).find((one) => one.bed.id === bed),
    [plan, bed],
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
