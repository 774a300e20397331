'use client';
import { useSyncExternalStore } from 'react';
import { useGarden } from './garden-context';
import { notice } from './notice';

/** What has just been taken away, and the way back. */
export function NoticeLine() {
  const { store, plan } = useGarden();
  const last = useSyncExternalStore(notice.subscribe, notice.get, () => null);
  // Once something else has been changed, undo would take that back.
  const told = last?.left === plan ? last : null;
  return (
    <p
      role="status"
      className={
        told
          ? 'no-print fixed bottom-4 left-1/2 z-40 flex -translate-x-1/2 items-center gap-3 rounded-[3px] bg-ink py-1 pr-1 pl-4 text-ground shadow-[0_8px_24px_#0004] max-lg:bottom-20'
          : 'sr-only'
      }
    >
      {told && (
        <>
          {told.text}
          <button
            type="button"
            onClick={() => {
              store.undo();
              notice.clear();
            }}
            className="min-h-11 px-3 font-semibold underline"
          >
            Undo
          </button>
        </>
      )}
    </p>
  );
}
