'use client';
import { useState } from 'react';
import { Button } from '../../ui/button';
import { Drafts } from './drafts';
import { useGarden, useSaving } from './garden-context';
import { makeGarden } from './make-garden';

const clock = (iso: string, locale: string): string =>
  iso ? new Date(iso).toLocaleTimeString(locale, { hour: '2-digit', minute: '2-digit' }) : '';

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
