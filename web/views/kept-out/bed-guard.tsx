'use client';
import Link from 'next/link';
import { useMemo } from 'react';
import { whoIsKeptOut } from '@lignum/core/choosing/kept-out';
import { kindOf } from '@lignum/core/structures/registry';
import { useGarden } from '../shell/garden-context';

/** Who comes to a bed of the plot, and the way to what would keep them out. */
export function BedGuard({ bed }: { bed: string }) {
  const { id, plan } = useGarden();
  const threats = useMemo(
    () => whoIsKeptOut(kindOf, plan).find((one) => one.bed.id === bed)?.threats ?? [],
    [plan, bed],
  );
  if (threats.length === 0) return null;
  const open = threats.filter((one) => !one.keptOut && !one.noMesh).map((one) => one.who);
  return (
    <p className="text-[0.95rem]">
      {open.length === 0 ? 'Closed to whoever comes.' : `Open to ${open.join(', ')}.`}{' '}
      <Link href={`/g/${id}/kept-out?bed=${bed}`} className="text-chalk underline">
        {open.length === 0 ? 'By what?' : 'What keeps them out?'}
      </Link>
    </p>
  );
}
