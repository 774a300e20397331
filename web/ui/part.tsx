'use client';
import dynamic from 'next/dynamic';
import type { ComponentType, ReactNode } from 'react';
import { Button } from './button';

export const NOT_FETCHED = 'This part could not be fetched. Look after the network, then load the page again.';

/** What nobody waits for is fetched so long after the page has come alive. ms. */
export const CALM_MS = 2500;

/** What is being fetched, or null where it could not be: the page goes on, and says so. */
export const fetched = <T,>(coming: Promise<T>): Promise<T | null> => coming.catch(() => null);

/** Stands where a part would; over the page, to be closed, where the part is one that closes. */
function NotFetched({ onClose }: { onClose?: () => void }) {
  const over = onClose ? 'fixed inset-x-3 bottom-20 z-50 mx-auto max-w-xl bg-sheet px-4 shadow-2xl' : '';
  return (
    <div role="alert" className={`flex flex-wrap items-center gap-x-3 gap-y-1 rounded-[3px] py-3 ${over}`}>
      <p className="w-full">{NOT_FETCHED}</p>
      <Button onClick={() => location.reload()}>Load the page again</Button>
      {onClose && (
        <Button look="quiet" onClick={onClose}>
          Go on without it
        </Button>
      )}
    </div>
  );
}

/**
 * A part of a page that is fetched when it is first shown. Where it cannot be fetched it says so in its place, and the
 * rest of the page goes on.
 * @example const Marks = part(() => import('./marks'), <p>Setting out…</p>)
 */
export function part<Props extends object>(
  load: () => Promise<{ default: ComponentType<Props> }>,
  waiting: ReactNode = null,
): ComponentType<Props> {
  return dynamic<Props>(async () => (await fetched(load())) ?? { default: NotFetched as ComponentType<Props> }, {
    ssr: false,
    loading: () => waiting,
  });
}
