'use client';
import { useState, useSyncExternalStore } from 'react';
import { AlertTriangle, CloudOff, LoaderCircle } from 'lucide-react';
import { Button } from '../../ui/button';
import { Drafts } from './drafts';
import { useGarden, useRecord, useSaving } from './garden-context';
import { makeGarden } from './make-garden';
import { noteLook } from './note-look';
import { useOnline } from './use-online';

const clock = (iso: string, locale: string): string =>
  iso ? new Date(iso).toLocaleTimeString(locale, { hour: '2-digit', minute: '2-digit' }) : '';

/** In the header, what is not simply saved: what is on its way, what waits, what cannot be saved. */
export function NoteOfTrouble() {
  const { store } = useGarden();
  const save = useSaving((state) => state.save);
  const book = useRecord();
  const { waiting } = useSyncExternalStore(book.subscribe, book.get, () => book.atFirst);
  const online = useOnline();
  if (save.state === 'stale')
    return (
      <span role="status" className={`${noteLook} font-semibold text-keel`}>
        <AlertTriangle size={15} aria-hidden />
        Out of date
      </span>
    );
  if (save.state === 'failed' || save.state === 'refused')
    return (
      <button
        type="button"
        onClick={() => void store.saveNow()}
        className={`${noteLook} rounded-[3px] px-2 font-semibold text-keel hover:bg-well`}
      >
        <CloudOff size={15} aria-hidden />
        Not saved: try again
      </button>
    );
  if (!online)
    return (
      <span role="status" className={`${noteLook} font-semibold text-ochre`}>
        <CloudOff size={15} aria-hidden />
        No network{waiting > 0 && `: ${waiting} ${waiting === 1 ? 'waits' : 'wait'}`}
      </span>
    );
  const isCrowded = save.state === 'waiting' && save.crowded;
  return (
    <span role="status" className={`${noteLook} text-soft`}>
      <LoaderCircle size={15} aria-hidden className={save.state === 'saving' ? 'animate-spin' : ''} />
      {isCrowded ? 'Busy…' : 'Saving…'}
      {isCrowded && <span className="sr-only"> It is saved in a moment.</span>}
    </span>
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
