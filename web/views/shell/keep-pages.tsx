'use client';
import { usePathname } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { useGarden, useSaving } from './garden-context';
import { partsElsewhere } from './parts-elsewhere';

/** Pages are renewed once saving has rested for so long. ms. */
const REST_MS = 8000;

/** What keeps pages on this device, once it is at work; null where there is none. */
export async function keeper(): Promise<ServiceWorker | null> {
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
