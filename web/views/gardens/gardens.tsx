'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { Plus, Trash2, Upload } from 'lucide-react';
import type { GardenCard } from '../../server/garden-store';
import { Button } from '../../ui/button';
import { CrowFoot } from '../../ui/crow-foot';
import { Sheet } from '../../ui/dialog';

/** Fetched when a garden is made. */
const NewGarden = dynamic(() => import('./new-garden'), { ssr: false });

interface Refusal {
  message: string;
  faults?: { path: string; message: string }[];
}

/** The front door: every garden on this machine. */
export function Gardens({ gardens }: { gardens: readonly GardenCard[] }) {
  const router = useRouter();
  const [making, setMaking] = useState(false);
  const [doomed, setDoomed] = useState<GardenCard | null>(null);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const file = useRef<HTMLInputElement>(null);

  const store = async (plan: unknown): Promise<void> => {
    const reply = await fetch('/api/gardens', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(plan),
    }).catch(() => null);
    if (!reply) return setRefusal({ message: 'The program does not answer. Is ./lignum start still running?' });
    const body = (await reply.json()) as { id: string } & Refusal;
    if (!reply.ok) return setRefusal(body);
    router.push(`/g/${body.id}`);
  };
  const remove = async (id: string) => {
    const reply = await fetch(`/api/gardens/${id}`, { method: 'DELETE' }).catch(() => null);
    setDoomed(null);
    if (!reply?.ok)
      setRefusal(
        ((await reply?.json().catch(() => null)) as Refusal | null) ?? {
          message: 'It was not deleted: the program does not answer. Is ./lignum start still running?',
        },
      );
    router.refresh();
  };
  const take = async (chosen: File | undefined) => {
    if (!chosen) return;
    setRefusal(null);
    try {
      await store(JSON.parse(await chosen.text()));
    } catch {
      setRefusal({ message: `${chosen.name} is not a plan file: it is not JSON.` });
    }
  };

  return (
    <main className="mx-auto max-w-5xl px-5 pt-10 pb-20">
      <div className="flex items-center gap-3">
        <CrowFoot className="h-9 w-8 text-chalk" />
        <p className="font-display text-4xl font-bold tracking-tight">Lignum</p>
      </div>
      <p className="mt-3 max-w-[38rem] text-lg text-soft">
        Say what you grow and how long the bed is. You get posts, panels and strings sized by the rules of the trade,
        drawn to measure, with the list for the shop and what a season costs.
      </p>

      <div className="mt-10 flex flex-wrap items-end justify-between gap-3 border-b-2 border-ink pb-2">
        <h1 className="text-2xl">Gardens</h1>
        <div className="flex gap-2">
          <input
            ref={file}
            type="file"
            accept=".json,application/json"
            className="sr-only"
            tabIndex={-1}
            aria-hidden
            onChange={(event) => {
              void take(event.target.files?.[0]);
              event.target.value = '';
            }}
          />
          <Button look="quiet" onClick={() => file.current?.click()}>
            <Upload size={17} aria-hidden />
            Open a plan file
          </Button>
          <Button look="main" onClick={() => setMaking(true)}>
            <Plus size={18} aria-hidden />
            New garden
          </Button>
        </div>
      </div>
      {refusal && (
        <div role="alert" className="mt-4 border-l-4 border-keel bg-sheet p-4">
          <p className="font-semibold">{refusal.message}</p>
          {refusal.faults && refusal.faults.length > 0 && (
            <ul className="mt-2 list-disc pl-5 text-sm">
              {refusal.faults.slice(0, 12).map((fault, i) => (
                <li key={i}>
                  <code>{fault.path}</code> {fault.message}
                </li>
              ))}
              {refusal.faults.length > 12 && <li>and {refusal.faults.length - 12} more</li>}
            </ul>
          )}
        </div>
      )}
      {gardens.length === 0 && <p className="py-8 text-soft">No garden yet. Start one: a name is enough.</p>}
      <ul>
        {gardens.map((garden) => (
          <li key={garden.id} className="group flex items-start gap-4 border-b border-rule py-4">
            <Link href={`/g/${garden.id}`} className="min-w-0 grow">
              <span className="font-display text-xl font-semibold group-hover:text-chalk">{garden.name}</span>
              {garden.note && <span className="mt-0.5 line-clamp-2 block max-w-[42rem] text-soft">{garden.note}</span>}
              <span className="mt-1 block text-sm text-soft">
                {garden.beds} {garden.beds === 1 ? 'bed' : 'beds'} · {garden.structures}{' '}
                {garden.structures === 1 ? 'support' : 'supports'} · saved{' '}
                <time dateTime={garden.savedAt} suppressHydrationWarning>
                  {new Date(garden.savedAt).toLocaleDateString(undefined, {
                    day: 'numeric',
                    month: 'long',
                    hour: '2-digit',
                    minute: '2-digit',
                  })}
                </time>
              </span>
            </Link>
            <button
              type="button"
              aria-label={`Delete ${garden.name}`}
              onClick={() => setDoomed(garden)}
              className="grid size-11 shrink-0 place-items-center rounded-[3px] text-soft hover:bg-well hover:text-keel"
            >
              <Trash2 size={18} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      {making && <NewGarden onClose={() => setMaking(false)} onMake={(plan) => void store(plan)} />}
      <Sheet
        open={doomed !== null}
        onClose={() => setDoomed(null)}
        title={`Delete ${doomed?.name ?? ''}?`}
        says="Its beds, supports, prices and earlier versions go with it. This cannot be undone; save its plan file first if you may want it again."
      >
        <div className="flex flex-wrap justify-end gap-2">
          <a
            className="mr-auto flex min-h-11 items-center text-chalk underline"
            href={`/api/gardens/${doomed?.id}/plan`}
            download
          >
            Save the plan file
          </a>
          <Button onClick={() => setDoomed(null)}>Keep it</Button>
          <Button look="danger" onClick={() => void remove(doomed?.id ?? '')}>
            Delete for good
          </Button>
        </div>
      </Sheet>
    </main>
  );
}
