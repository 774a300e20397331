'use client';
import { createContext, useContext, useEffect, useMemo, useSyncExternalStore, type ReactNode } from 'react';
import { useGarden } from './garden-context';
import { ownName } from './own-name';
import { TickBook, tickOf, type Tick, type TickOutside } from '../../kept/ticks';

const keptKey = (id: string): string => `lignum-ticks-${id}`;

function outsideOf(id: string): TickOutside {
  return {
    async exchange(ticks) {
      const reply = await fetch(`/api/gardens/${encodeURIComponent(id)}/ticks`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ ticks }),
        // What is ticked last goes out even when the page is left.
        keepalive: true,
      });
      return reply.ok ? ((await reply.json()) as { ticks: Tick[] }).ticks : null;
    },
    keep(unsent) {
      try {
        if (unsent.length > 0) localStorage.setItem(keptKey(id), JSON.stringify(unsent));
        else localStorage.removeItem(keptKey(id));
      } catch {
        // A full or forbidden store: the tick is still in this tab and on its way.
      }
    },
    kept() {
      try {
        const kept = JSON.parse(localStorage.getItem(keptKey(id)) ?? '[]') as unknown;
        return Array.isArray(kept) ? (kept as Tick[]) : [];
      } catch {
        return [];
      }
    },
    now: () => new Date().toISOString(),
  };
}

const Context = createContext<TickBook | null>(null);

/** Gives what is under it the ticks of the garden: those the page came with, then what others have ticked since. */
export function Ticks({ known = [], children }: { known?: readonly Tick[]; children: ReactNode }) {
  const { id } = useGarden();
  // What the page came with is only the beginning.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const book = useMemo(() => new TickBook(outsideOf(id), known), [id]);
  useEffect(() => {
    const look = () => {
      if (document.visibilityState === 'visible') void book.sync();
    };
    look();
    window.addEventListener('online', look);
    window.addEventListener('focus', look);
    document.addEventListener('visibilitychange', look);
    return () => {
      window.removeEventListener('online', look);
      window.removeEventListener('focus', look);
      document.removeEventListener('visibilitychange', look);
    };
  }, [book]);
  return <Context value={book}>{children}</Context>;
}

const NONE = { ticks: new Map<string, Tick>(), waiting: 0 };
const nothing = () => NONE;
const never = (): (() => void) => () => undefined;

/** How things stand, and a way to say otherwise; null outside {@link Ticks}: on a printed sheet. */
export function useTicks(): {
  of: (about: Tick['about'], what: string) => Tick | undefined;
  mark: (about: Tick['about'], what: string, change: Parameters<TickBook['mark']>[3]) => void;
  waiting: number;
} | null {
  const book = useContext(Context);
  const shown = useSyncExternalStore(
    book?.subscribe ?? never,
    book?.get ?? nothing,
    book ? () => book.atFirst : nothing,
  );
  return useMemo(
    () =>
      book && {
        of: (about, what) => tickOf(shown.ticks, about, what),
        mark: (about, what, change) => book.mark(about, what, ownName(), change),
        waiting: shown.waiting,
      },
    [book, shown],
  );
}

/** A box to tick off one thing, large enough for a glove. */
export function TickBox({ about, what, label }: { about: Tick['about']; what: string; label: string }) {
  const ticks = useTicks();
  const tick = ticks?.of(about, what);
  return (
    <label className="grid size-11 shrink-0 place-items-center">
      <input
        type="checkbox"
        className="size-5 accent-(--chalk)"
        aria-label={label}
        disabled={!ticks}
        checked={tick?.done ?? false}
        onChange={(event) => ticks?.mark(about, what, { done: event.target.checked })}
      />
    </label>
  );
}
