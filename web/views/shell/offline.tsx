'use client';
import { usePathname } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import { useGarden, useSaving } from './garden-context';
import { partsElsewhere } from './parts-elsewhere';

/** Pages are renewed once saving has rested for so long. ms. */
const REST_MS = 8000;

/** What keeps pages on this device, once it is at work; null where there is none. */
async function keeper(): Promise<ServiceWorker | null> {
  const there = await navigator.serviceWorker?.ready;
  return there?.active ?? null;
}

/** Everything this page was drawn with. */
const partsHere = (): string[] =>
  [...performance.getEntriesByType('resource').map(({ name }) => name), ...partsElsewhere.get()].filter((name) =>
    name.startsWith(`${location.origin}/_next/static/`),
  );

/** Has the pages of a garden kept on this device, and renewed when it was saved. Decision 69. */
export function KeepPages() {
  const { id, store } = useGarden();
  const path = usePathname();
  const revision = useSaving((state) => state.revision);
  // What was saved before this was fetched is renewed as well.
  const first = useRef<number | null>(store.history.getState().pastStates.length > 0 ? null : revision);
  useEffect(() => {
    if (!('serviceWorker' in navigator) || !window.isSecureContext) return;
    const tell = () =>
      void navigator.serviceWorker
        .register('/offline.js')
        .then(keeper)
        .then((worker) => worker?.postMessage({ says: 'opened', url: location.href, parts: partsHere() }))
        // Forbidden, or a certificate nobody trusts: told where the place is described.
        .catch(() => undefined);
    const timer = setTimeout(tell, 500);
    const unfollow = partsElsewhere.subscribe(tell);
    return () => {
      clearTimeout(timer);
      unfollow();
    };
    // A page that was come to by a link is one that was opened too.
  }, [path]);
  useEffect(() => {
    if (revision === first.current || !('serviceWorker' in navigator) || !navigator.serviceWorker.controller) return;
    const timer = setTimeout(() => {
      first.current = revision;
      navigator.serviceWorker.controller?.postMessage({ says: 'saved', garden: id });
    }, REST_MS);
    return () => clearTimeout(timer);
  }, [id, revision]);
  return null;
}

/** Lets go of everything that was kept: another who uses this device finds no garden. */
export async function forgetPages(): Promise<void> {
  if (!('caches' in window)) return;
  for (const name of await caches.keys()) if (name.startsWith('lignum-')) await caches.delete(name);
}

type Kept = 'asking' | 'kept' | 'insecure' | 'not trusted';

/** Whether pages open again without a network on this device; where they do not, what that costs and how it is mended. */
export function OfflineNote() {
  const [kept, setKept] = useState<Kept>('asking');
  useEffect(() => {
    if (!window.isSecureContext || !('serviceWorker' in navigator)) {
      setKept('insecure');
      return;
    }
    const late = setTimeout(() => setKept('not trusted'), 6000);
    void keeper().then((worker) => {
      clearTimeout(late);
      setKept(worker ? 'kept' : 'not trusted');
    });
    return () => clearTimeout(late);
  }, []);
  if (kept === 'asking') return null;
  return (
    <p className="text-[0.95rem] text-soft">
      {kept === 'kept' ? (
        'Pages that you open on this device open again without a network; ticks and changes wait until there is one.'
      ) : (
        <>
          <strong className="text-ink">Without a network nothing opens here</strong>, and the screen may go dark while
          you work: this device does not trust the address.{' '}
          <a href={`http://${typeof location === 'undefined' ? '' : location.host}/`} className="text-chalk underline">
            How it comes to trust it
          </a>
          .
        </>
      )}
    </p>
  );
}
