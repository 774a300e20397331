'use client';
import dynamic from 'next/dynamic';
import type { ComponentType, ReactNode } from 'react';

export const NOT_FETCHED = 'This part could not be fetched: there is no network just now.';

/** What is being fetched, or null where it could not be: the page goes on, and says so. */
export const fetched = <T,>(coming: Promise<T>): Promise<T | null> => coming.catch(() => null);

/** Stands where a part would; over the page, to be closed, where the part is one that closes. */
const NotFetched = ({ onClose }: { onClose?: () => void }) => (
  <div role="alert" className={onClose && 'fixed inset-x-3 bottom-20 z-50 mx-auto max-w-xl bg-sheet p-4 shadow-2xl'}>
    {NOT_FETCHED}{' '}
    <button type="button" onClick={onClose ?? (() => location.reload())} className="min-h-11 text-chalk underline">
      {onClose ? 'Go on without it' : 'Load it again'}
    </button>
  </div>
);

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
