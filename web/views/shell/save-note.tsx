'use client';
import { useState } from 'react';
import { AlertTriangle, Check, CloudOff, LoaderCircle } from 'lucide-react';
import { Button } from '../../ui/button';
import { Drafts } from './drafts';
import { makeGarden } from './make-garden';
import { useGarden, useSaving } from './garden-context';

const clock = (iso: string, locale: string): string =>
  iso ? new Date(iso).toLocaleTimeString(locale, { hour: '2-digit', minute: '2-digit' }) : '';

/** One word in the header: is my work safe? */
export function SaveNote() {
  const { store } = useGarden();
  const save = useSaving((state) => state.save);
  const look = 'flex min-h-11 items-center gap-1.5 text-[0.85rem] whitespace-nowrap';
  if (save.state === 'saved')
    return (
      <span role="status" className={`${look} text-soft`}>
        <Check size={15} aria-hidden />
        Saved
      </span>
    );
  if (save.state === 'waiting' || save.state === 'saving')
    return (
      <span role="status" className={`${look} text-soft`}>
        <LoaderCircle size={15} aria-hidden className={save.state === 'saving' ? 'animate-spin' : ''} />
        {save.state === 'waiting' && save.crowded ? (
          <>
            Busy…<span className="sr-only"> It is saved in a moment.</span>
          </>
        ) : (
          'Saving…'
        )}
      </span>
    );
  if (save.state === 'stale')
    return (
      <span role="status" className={`${look} font-semibold text-keel`}>
        <AlertTriangle size={15} aria-hidden />
        Out of date
      </span>
    );
  return (
    <button
      type="button"
      onClick={() => void store.saveNow()}
      className={`${look} rounded-[3px] px-2 font-semibold text-keel hover:bg-well`}
    >
      <CloudOff size={15} aria-hidden />
      Not saved: try again
    </button>
  );
}

/** What has to be said at length: a save that failed, or another tab that saved first. */
export function SaveBanner() {
  const { id, plan, store, tongue } = useGarden();
  const save = useSaving((state) => state.save);
  const [copying, setCopying] = useState<string | null>(null);
  if (save.state === 'failed' || save.state === 'refused') {
    return (
      <div role="alert" className="no-print bg-keel px-4 py-2.5 text-white dark:text-[#200]">
        <p className="mx-auto max-w-[100rem]">
          <strong>Not saved.</strong> {save.because}{' '}
          {save.state === 'failed'
            ? 'Your work is kept in this tab and saved as soon as it can be.'
            : 'Everything else is kept in this tab; change it back, or undo, and it saves.'}
        </p>
      </div>
    );
  }
  if (save.state !== 'stale') return null;

  const copy = async () => {
    setCopying('Saving a copy…');
    const reply = await makeGarden({
      ...plan,
      garden: { ...plan.garden, name: `${plan.garden.name.slice(0, 60)} (my copy)` },
    });
    if (!reply?.ok) return setCopying('The copy could not be saved. Try again, or leave this tab open.');
    const made = (await reply.json()) as { id: string };
    new Drafts(id).keep(null);
    window.location.assign(`/g/${made.id}`);
  };
  const load = () => {
    new Drafts(id).keep(null);
    window.location.reload();
  };
  return (
    <div role="alert" className="no-print border-b-4 border-keel bg-sheet px-4 py-3">
      <div className="mx-auto flex max-w-[100rem] flex-wrap items-center gap-3">
        <p className="grow">
          <strong>Another tab saved this garden{save.newer ? ` at ${clock(save.newer, tongue.locale)}` : ''}.</strong>{' '}
          {store.unsaved() ? 'What you changed here since is not saved over it.' : 'What you see is older.'} {copying}
        </p>
        <Button look="main" onClick={load}>
          Load the newer one
        </Button>
        {store.unsaved() && <Button onClick={() => void copy()}>Keep mine as a new garden</Button>}
      </div>
    </div>
  );
}
