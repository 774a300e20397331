'use client';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { Check } from 'lucide-react';
import { useRecord, useSaving } from './garden-context';
import { noteLook } from './note-look';
import { useOnline } from './use-online';

/** What has to be said beyond "saved" is fetched when there is something, or once nobody waits for anything: with the network gone it is there already. */
export const fetchBanner = () => import('./save-banner');
type Banner = Awaited<ReturnType<typeof fetchBanner>>;

function useBanner(isWanted: boolean): Banner | null {
  const [banner, setBanner] = useState<Banner | null>(null);
  useEffect(() => {
    if (!isWanted) return;
    fetchBanner()
      .then(setBanner)
      // It is asked for again with the next trouble.
      .catch(() => undefined);
  }, [isWanted]);
  return isWanted ? banner : null;
}

/** One word in the header: is my work safe? Nothing is called saved that waits, and nothing without a network. */
export function SaveNote() {
  const { state } = useSaving(({ save }) => save);
  const book = useRecord();
  const { waiting } = useSyncExternalStore(book.subscribe, book.get, () => book.atFirst);
  const isKept = useOnline() && waiting === 0;
  const isPlain = (state === 'saved' && isKept) || state === 'saving';
  const told = useBanner(!isPlain);
  if (told) return <told.NoteOfTrouble />;
  const isSaved = state === 'saved' && isKept;
  return (
    <span role="status" className={`${noteLook} text-soft`}>
      {isSaved && <Check size={15} aria-hidden />}
      {isSaved ? 'Saved' : 'Saving…'}
    </span>
  );
}

/** What has to be said of saving at length, where something has. */
export function SaveTrouble() {
  const told = useBanner(useSaving(({ save: { state } }) => ['failed', 'refused', 'stale'].includes(state)));
  return told && <told.SaveBanner />;
}
