'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { Download, LogOut, Plus, Trash2, Upload } from 'lucide-react';
import type { Copies } from '../../kept/copies';
import { A_PAGE } from '../../kept/garden-card';
import type { BinnedGarden, GardenCard, GardenPage } from '../../kept/garden-card';
import { Button, buttonLook } from '../../ui/button';
import { CrowFoot } from '../../ui/crow-foot';
import { Sheet } from '../../ui/dialog';
import { part } from '../../ui/part';
import { makeGarden } from '../shell/make-garden';
import { forgetPages } from '../shell/forget-pages';
import { LookThrough, Pages } from './look-through';
import { PlanSketch } from './plan-sketch';

/** Fetched when a garden is made. */
const NewGarden = part(() => import('./new-garden'));

interface Refusal {
  message: string;
  faults?: { path: string; message: string }[];
}

/** The front door: every garden on this machine. */
export function Gardens({
  page,
  bin,
  copies,
  guarded,
}: {
  page: GardenPage;
  bin: readonly BinnedGarden[];
  copies: Copies;
  /** A passphrase is asked for here: one can be signed out. */
  guarded: boolean;
}) {
  const router = useRouter();
  const [making, setMaking] = useState(false);
  const [doomed, setDoomed] = useState<BinnedGarden | null>(null);
  const [thrown, setThrown] = useState<GardenCard | null>(null);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const file = useRef<HTMLInputElement>(null);

  const store = async (plan: unknown): Promise<void> => {
    const reply = await makeGarden(plan);
    if (!reply) return setRefusal({ message: 'The program does not answer. Is ./lignum start still running?' });
    const body = (await reply.json()) as { id: string } & Refusal;
    if (!reply.ok) return setRefusal(body);
    router.push(`/g/${body.id}`);
  };
  /** Asks for a change of a garden, and says what to do where it was not made. */
  const ask = async (path: string, method: 'DELETE' | 'POST'): Promise<boolean> => {
    const reply = await fetch(`/api/gardens/${path}`, { method }).catch(() => null);
    if (!reply?.ok)
      setRefusal(
        ((await reply?.json().catch(() => null)) as Refusal | null) ?? {
          message: 'Nothing was changed: the program does not answer. Is ./lignum start still running?',
        },
      );
    router.refresh();
    return reply?.ok ?? false;
  };
  const throwAway = async (garden: GardenCard) => setThrown((await ask(garden.id, 'DELETE')) ? garden : null);
  const putBack = async (id: string) => {
    if (await ask(`${id}/put-back`, 'POST')) setThrown(null);
  };
  const remove = async (id: string) => {
    setDoomed(null);
    setThrown(null);
    await ask(`${id}?for=good`, 'DELETE');
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
      <p role="status" className={thrown ? 'mt-4 flex flex-wrap items-center gap-3 bg-well px-4 py-1' : 'sr-only'}>
        {thrown && (
          <>
            <span>{thrown.name} is kept for 30 days.</span>
            <Button look="quiet" onClick={() => void putBack(thrown.id)}>
              Put it back
            </Button>
          </>
        )}
      </p>
      {page.all === 0 && <p className="py-8 text-soft">No garden yet. Start one: a name is enough.</p>}
      {page.all > A_PAGE && <LookThrough page={page} />}
      <ul>
        {page.gardens.map((garden) => (
          <li key={garden.id} className="group flex items-start gap-4 border-b border-rule py-4">
            <Link href={`/g/${garden.id}`} className="flex min-w-0 grow items-start gap-4 max-sm:flex-col">
              {garden.plan && <PlanSketch plan={garden.plan} />}
              <span className="min-w-0">
                <span className="font-display text-xl font-semibold group-hover:text-chalk">{garden.name}</span>
                {garden.note && (
                  <span className="mt-0.5 line-clamp-2 block max-w-[42rem] text-soft">{garden.note}</span>
                )}
                <span className="mt-1 block text-sm text-soft">
                  {garden.beds} {garden.beds === 1 ? 'bed' : 'beds'} · {garden.structures}{' '}
                  {garden.structures === 1 ? 'structure' : 'structures'} · saved{' '}
                  <time dateTime={garden.savedAt} suppressHydrationWarning>
                    {new Date(garden.savedAt).toLocaleDateString(undefined, {
                      day: 'numeric',
                      month: 'long',
                      hour: '2-digit',
                      minute: '2-digit',
                    })}
                  </time>
                </span>
              </span>
            </Link>
            <button
              type="button"
              aria-label={`Remove ${garden.name}`}
              onClick={() => void throwAway(garden)}
              className="grid size-11 shrink-0 place-items-center rounded-[3px] text-soft hover:bg-well hover:text-keel"
            >
              <Trash2 size={18} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      {page.found > A_PAGE && <Pages page={page} />}
      {bin.length > 0 && (
        <details className="mt-8">
          <summary className="flex min-h-11 items-center text-soft hover:text-ink">
            Removed: {bin.length} {bin.length === 1 ? 'garden' : 'gardens'}
          </summary>
          <ul>
            {bin.map((garden) => (
              <li key={garden.id} className="flex flex-wrap items-center gap-3 border-t border-rule py-1">
                <span className="min-w-0 grow">{garden.name}</span>
                <Button look="quiet" aria-label={`Put back ${garden.name}`} onClick={() => void putBack(garden.id)}>
                  Put back
                </Button>
                <Button look="quiet" aria-label={`Remove for good: ${garden.name}`} onClick={() => setDoomed(garden)}>
                  Remove for good
                </Button>
              </li>
            ))}
          </ul>
        </details>
      )}
      <KeptSafe copies={copies} />
      {guarded && <SignOut />}
      {making && <NewGarden onClose={() => setMaking(false)} onMake={(plan) => void store(plan)} />}
      <Sheet
        open={doomed !== null}
        onClose={() => setDoomed(null)}
        title={`Remove ${doomed?.name ?? ''} for good?`}
        says="Its beds, supports, prices, ticks and earlier versions go with it. This cannot be undone."
      >
        <div className="flex flex-wrap justify-end gap-2">
          <Button onClick={() => setDoomed(null)}>Keep it</Button>
          <Button look="danger" onClick={() => void remove(doomed?.id ?? '')}>
            Remove for good
          </Button>
        </div>
      </Sheet>
    </main>
  );
}

/** Everything in one file, and how old the last copy of it is. */
function KeptSafe({ copies }: { copies: Copies }) {
  return (
    <section aria-label="Copies" className="mt-8 flex flex-wrap items-center gap-x-4 gap-y-1">
      <a href="/api/backup" download className={`${buttonLook('quiet')} -ml-4`}>
        <Download size={17} aria-hidden />
        Save all gardens in one file
      </a>
      <p className="text-[0.95rem] text-soft">
        {!copies.made && 'No nightly copies are made: save one now and then.'}
        {copies.made && copies.lastAt === null && 'A copy of everything is made each day while Lignum runs.'}
        {copies.made && copies.lastAt !== null && (
          <>
            Last copy:{' '}
            <time dateTime={copies.lastAt} suppressHydrationWarning>
              {new Date(copies.lastAt).toLocaleDateString(undefined, {
                day: 'numeric',
                month: 'long',
                year: 'numeric',
              })}
            </time>
            , in <code className="break-all">{copies.folder}</code>
          </>
        )}
      </p>
    </section>
  );
}

/** Out again, here or on every device that was ever let in. */
function SignOut() {
  const [said, say] = useState('');
  const leave = async (all: boolean) => {
    await forgetPages();
    const reply = await fetch(`/api/leave${all ? '?all=1' : ''}`, { method: 'POST' }).catch(() => null);
    if (reply?.ok) window.location.assign('/enter');
    else say('Nobody was signed out: the program does not answer. Try again.');
  };
  return (
    <section aria-label="This device" className="mt-2 flex flex-wrap items-center gap-x-2 gap-y-1">
      <Button look="quiet" className="-ml-4" onClick={() => void leave(false)}>
        <LogOut size={17} aria-hidden />
        Sign out
      </Button>
      <Button look="quiet" onClick={() => void leave(true)}>
        Sign out on every device
      </Button>
      <p role="status" className="text-[0.95rem] text-keel">
        {said}
      </p>
    </section>
  );
}
