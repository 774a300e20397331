'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { broughtIn } from '@lignum/core/plan/brought-in';
import type { Plan, StructurePlan } from '@lignum/core/plan/plan';
import type { GardenPage } from '../../kept/garden-card';
import { newId } from '../../kept/new-id';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/dialog';
import { NumberField } from '../../ui/field';
import { isUnread } from '../../ui/unread';
import { useGarden } from '../shell/garden-context';
import { notice } from '../shell/notice';

const MOST = 20;
const named = (what: string): string => `${what}-${newId()}`;

/** Puts a structure with its bed and what grows there into another garden, over what that was when it was read; what went wrong in words, else its address. */
async function takeAlong(
  from: Plan,
  structure: string,
  garden: string,
): Promise<{ href: string } | { trouble: string }> {
  const url = `/api/gardens/${encodeURIComponent(garden)}`;
  // Once more where somebody saved in between.
  for (let tries = 0; tries < 2; tries++) {
    const read = await fetch(url).catch(() => null);
    if (!read?.ok) return { trouble: 'That garden cannot be read just now. Try again in a moment.' };
    const { plan, revision } = (await read.json()) as { plan: Plan; revision: number };
    const done = broughtIn(plan, from, structure, named);
    if (!done) return { trouble: 'This structure is not in the garden any more.' };
    const saved = await fetch(url, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ base: revision, as: newId(8), unanswered: [], plan: done.plan }),
    }).catch(() => null);
    if (saved?.ok) return { href: `/g/${garden}/s/${done.structure}` };
    if (saved?.status !== 409) {
      const said = (await saved?.json().catch(() => null)) as { message?: string } | null;
      return { trouble: said?.message ?? 'The program does not answer: nothing was put into that garden.' };
    }
  }
  return { trouble: 'Somebody is saving in that garden. Try again in a moment.' };
}

/** More of a structure in this garden, or one taken along into another. */
export default function CopySheet({ structure, onClose }: { structure: StructurePlan; onClose: () => void }) {
  const { id, plan, store } = useGarden();
  const router = useRouter();
  const [count, setCount] = useState(1);
  const [others, setOthers] = useState<GardenPage['gardens'] | null>(null);
  const [done, setDone] = useState<{ garden: string; href: string } | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [taking, setTaking] = useState<string | null>(null);
  useEffect(() => {
    fetch('/api/gardens')
      .then(async (reply) => setOthers(reply.ok ? ((await reply.json()) as GardenPage).gardens : []))
      .catch(() => setOthers([]));
  }, []);
  const putMore = () => {
    store.edit((now) =>
      Array.from({ length: count }).reduce<Plan>((so) => broughtIn(so, so, structure.id, named)?.plan ?? so, now),
    );
    notice.say(`${count} more like ${structure.name} ${count === 1 ? 'was' : 'were'} put down.`, store.getState().plan);
    router.push(`/g/${id}`);
  };
  const take = async (garden: { id: string; name: string }) => {
    setTaking(garden.id);
    setTrouble(null);
    const told = await takeAlong(plan, structure.id, garden.id);
    setTaking(null);
    if ('href' in told) setDone({ garden: garden.name, href: told.href });
    else setTrouble(told.trouble);
  };
  const gardens = others?.filter((one) => one.id !== id) ?? [];
  return (
    <Sheet
      open
      onClose={onClose}
      title="More of these"
      says="With its bed, what grows there and what hangs in it, on free ground where there is some."
    >
      <div className="flex items-end gap-3">
        <div className="w-28">
          <NumberField label="How many more" value={count} min={1} max={MOST} onChange={setCount} />
        </div>
        <Button
          look="main"
          onClick={(event) => {
            if (!isUnread(event.currentTarget.parentElement)) putMore();
          }}
        >
          Put down in this garden
        </Button>
      </div>
      <h3 className="mt-6 border-t border-rule pt-4 text-lg">Take it along into another garden</h3>
      {trouble && (
        <p role="alert" className="mt-1 font-semibold text-keel">
          {trouble}
        </p>
      )}
      <p role="status" className={done ? 'mt-1' : 'sr-only'}>
        {done && (
          <>
            It stands in {done.garden} now.{' '}
            <Link href={done.href} className="text-chalk underline">
              Open it there
            </Link>
          </>
        )}
      </p>
      {others === null && <p className="mt-1 text-soft">Looking for your gardens…</p>}
      {others !== null && gardens.length === 0 && (
        <p className="mt-1 text-soft">
          There is no other garden yet.{' '}
          <Link href="/" className="text-chalk underline">
            Make one
          </Link>{' '}
          and come back.
        </p>
      )}
      <ul className="mt-1 divide-y divide-rule">
        {gardens.map((garden) => (
          <li key={garden.id} className="flex items-center justify-between gap-3 py-1">
            <span className="min-w-0 truncate">{garden.name}</span>
            <Button
              look="quiet"
              disabled={taking !== null}
              aria-label={`Take it to ${garden.name}`}
              onClick={() => void take(garden)}
            >
              {taking === garden.id ? 'Taking it…' : 'Take it there'}
            </Button>
          </li>
        ))}
      </ul>
    </Sheet>
  );
}
