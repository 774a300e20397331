'use client';
import { useEffect, useState, type ComponentType } from 'react';
import { AlertTriangle, Check, CloudOff, LoaderCircle } from 'lucide-react';
import { useGarden, useSaving } from './garden-context';

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

/** What has to be said at length is fetched when there is something, or once nobody waits for anything: with the network gone it is there already. */
export const fetchBanner = () => import('./save-banner');

/** What has to be said of saving at length, where something has. */
export function SaveTrouble() {
  const isTrouble = useSaving(({ save: { state } }) => ['failed', 'refused', 'stale'].includes(state));
  const [Banner, setBanner] = useState<ComponentType | null>(null);
  useEffect(() => {
    if (!isTrouble) return;
    fetchBanner()
      .then(({ SaveBanner }) => setBanner(() => SaveBanner))
      // It is asked for again with the next trouble; the header says in a word what there is.
      .catch(() => undefined);
  }, [isTrouble]);
  return isTrouble && Banner && <Banner />;
}
