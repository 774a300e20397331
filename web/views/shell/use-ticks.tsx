'use client';
import { useEffect, useMemo, useRef, useSyncExternalStore } from 'react';
import type { Entry } from '../../kept/record';
import type { Said } from '../../kept/stages';
import { tickOf, togetherOf, type Tick, type TickedAbout, type Together } from '../../kept/ticks';
import { useRecord } from './garden-context';
import { ownName } from './own-name';

/** How things stand, and a way to say otherwise. */
export function useTicks(): {
  of: (about: TickedAbout, what: string) => Tick | undefined;
  together: (about: TickedAbout, whats: readonly string[]) => Together;
  mark: (about: TickedAbout, what: string | readonly string[], change: Partial<Omit<Tick, 'person'>>) => void;
  say: (said: readonly Said[]) => void;
} {
  const book = useRecord();
  const { entries } = useSyncExternalStore(book.subscribe, book.get, () => book.atFirst);
  return useMemo(
    () => ({
      of: (about, what) => tickOf(entries, about, what),
      together: (about, whats) => togetherOf(entries, about, whats),
      say: (said) => book.say(said, ownName()),
      mark: (about, what, change) => {
        const fields = Object.entries(change) as [Entry['field'], Entry['value']][];
        book.say(
          (typeof what === 'string' ? [what] : what).flatMap((one) =>
            fields.map(([field, value]) => ({ about, what: one, field, value })),
          ),
          ownName(),
        );
      },
    }),
    [book, entries],
  );
}

/** What others have said since the page came is asked for when a view that shows it opens. */
export function useNewsOfTicks(): { waiting: number; refused: readonly string[]; dismiss: () => void } {
  const book = useRecord();
  useEffect(() => void book.sync(), [book]);
  const { waiting, refused } = useSyncExternalStore(book.subscribe, book.get, () => book.atFirst);
  return { waiting, refused, dismiss: () => book.dismiss() };
}

/** A box to tick off one thing, or several as one, large enough for a glove. `before` is what an older version ticked them as. */
export function TickBox({
  about,
  what,
  before,
  label,
  also,
}: {
  about: TickedAbout;
  what: string | readonly string[];
  before?: string;
  label: string;
  /** What is said besides, as it is ticked. */
  also?: readonly Said[];
}) {
  const ticks = useTicks();
  const whats = typeof what === 'string' ? [what] : what;
  const together = ticks.together(about, whats);
  const said = whats.some((one) => ticks.of(about, one));
  const isDone = together === 'all' || (!said && before !== undefined && ticks.of(about, before)?.done === true);
  const box = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (box.current) box.current.indeterminate = together === 'some';
  }, [together]);
  return (
    <label className="grid size-11 shrink-0 place-items-center">
      <input
        ref={box}
        type="checkbox"
        className="size-5 accent-(--chalk)"
        aria-label={label}
        checked={isDone}
        onChange={(event) => {
          ticks.mark(about, whats, { done: event.target.checked });
          if (event.target.checked && also) ticks.say(also);
        }}
      />
    </label>
  );
}
