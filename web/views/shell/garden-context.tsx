'use client';
import { createContext, useContext, useEffect, useMemo, useState, useSyncExternalStore, type ReactNode } from 'react';
import { useStore } from 'zustand';
import type { Plan } from '@lignum/core/plan/plan';
import type { Units } from '@lignum/core/quantity/length';
import type { Tongue } from '@lignum/core/wording/say';
import type { Reading } from '@lignum/core/plan/readings';
import { withReadings } from '@lignum/core/plan/readings';
import { newId } from '../../kept/new-id';
import { keepUnits } from '../../kept/own-units';
import { readingsOf } from '../../kept/readings';
import type { Entry } from '../../kept/record';
import { RecordBook } from '../../kept/record-book';
import { Drafts } from './drafts';
import { GardenStore, type GardenState, type Outside } from './garden-store';
import { recordOutside } from './record-outside';

const STALE_CHECK_MS = 20_000;

function outsideOf(id: string, drafts: Drafts): Outside {
  const url = `/api/gardens/${encodeURIComponent(id)}`;
  return {
    async put(base, plan, as, unanswered) {
      const reply = await fetch(url, {
        method: 'PUT',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ base, as, unanswered, plan }),
      });
      const afterS = Number(reply.headers.get('retry-after'));
      return {
        status: reply.status,
        body: (await reply.json().catch(() => null)) as unknown,
        ...(afterS > 0 ? { againMs: afterS * 1000 } : {}),
      };
    },
    async newestRevision() {
      const reply = await fetch(`${url}/revision`);
      return reply.ok ? ((await reply.json()) as { revision: number; savedAt: string; savedAs: string | null }) : null;
    },
    keepDraft: (draft) => drafts.keep(draft),
    loadAgain: () => location.reload(),
    newName: () => newId(8),
    now: () => Date.now(),
    later(run, ms) {
      const timer = setTimeout(run, ms);
      return () => clearTimeout(timer);
    },
  };
}

interface Here {
  id: string;
  store: GardenStore;
  /** What is ticked off and measured, beside the plan. */
  record: RecordBook;
  readings: () => readonly Reading[];
  readingsAtFirst: () => readonly Reading[];
  on: 'desk' | 'phone';
  /** How this person writes lengths, on this device; whose sizes the garden buys is apart from it. */
  units: Units;
  setUnits: (units: Units) => void;
}
const Context = createContext<Here | null>(null);

export function GardenProvider({
  id,
  plan,
  revision,
  savedAt,
  said,
  on,
  ownUnits,
  children,
}: {
  id: string;
  plan: Plan;
  revision: number;
  savedAt: string;
  /** The record as the page came. */
  said: readonly Entry[];
  on: 'desk' | 'phone';
  /** What was chosen on this device; null where nothing was yet. */
  ownUnits: Units | null;
  children: ReactNode;
}) {
  // One store for as long as the tab stays in this garden: the plan it was given is only its beginning.
  const drafts = useMemo(() => new Drafts(id), [id]);
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const store = useMemo(() => new GardenStore(outsideOf(id, drafts), plan, revision, savedAt), [id, drafts]);
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const record = useMemo(() => new RecordBook(recordOutside(id), said), [id]);
  // A page that is being woken may not find another list than it was drawn with: what is asleep yet would be drawn anew.
  const [readings, readingsAtFirst] = useMemo(() => {
    const atFirst = readingsOf(() => record.atFirst);
    return [readingsOf(record.get, atFirst()), atFirst] as const;
  }, [record]);

  useEffect(() => {
    void readDraft(drafts).then((kept) => (kept ? store.takeDraft(kept) : store.wake()));
    const look = () => {
      if (document.visibilityState !== 'visible') return;
      drafts.alive(true);
      // What a tab that has gone since could not save is taken up here, once nothing of this one's own waits.
      if (store.unsaved()) void store.lookForNewer();
      else void readDraft(drafts).then((kept) => (kept ? store.takeDraft(kept) : store.lookForNewer()));
      void record.sync();
    };
    const online = () => void record.sync();
    const beside = () => record.look();
    const go = () => drafts.alive(false);
    const leave = (event: BeforeUnloadEvent) => {
      if (store.unsaved()) event.preventDefault();
    };
    void record.sync();
    const timer = setInterval(look, STALE_CHECK_MS);
    window.addEventListener('online', online);
    window.addEventListener('storage', beside);
    document.addEventListener('visibilitychange', look);
    window.addEventListener('focus', look);
    window.addEventListener('beforeunload', leave);
    window.addEventListener('pagehide', go);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', online);
      window.removeEventListener('storage', beside);
      document.removeEventListener('visibilitychange', look);
      window.removeEventListener('focus', look);
      window.removeEventListener('beforeunload', leave);
      window.removeEventListener('pagehide', go);
    };
  }, [store, drafts, record]);

  const [chosen, choose] = useState(ownUnits);
  const units = chosen ?? plan.garden.market;
  const here = useMemo((): Here => {
    const setUnits = (next: Units): void => {
      keepUnits(next);
      choose(next);
    };
    return { id, store, record, readings, readingsAtFirst, on, units, setUnits };
  }, [id, store, record, readings, readingsAtFirst, on, units]);
  return <Context value={here}>{children}</Context>;
}

/** Work that was not saved; of an older version it is brought up to this one. What does that is fetched only where there is such work. */
async function readDraft(drafts: Drafts): Promise<{ base: number; plan: Plan } | null> {
  const kept = drafts.find();
  if (!kept) return null;
  try {
    const { upgradePlan } = await import('@lignum/core/formats/upgrade');
    return { base: kept.base, plan: upgradePlan(kept.plan) as Plan };
  } catch {
    return null;
  }
}

function useHere(): Here {
  const here = useContext(Context);
  if (!here) throw new Error('This view stands outside a garden: render it under GardenProvider.');
  return here;
}

/** The garden this view is in: its plan with what was measured laid over it, and the store to change it with. How saving goes is not part of it. */
export function useGarden(): Here & { plan: Plan; tongue: Tongue } {
  const here = useHere();
  const meant = useStore(here.store.state, (state) => state.plan);
  const readings = useSyncExternalStore(here.record.subscribe, here.readings, here.readingsAtFirst);
  const plan = withReadings(meant, readings);
  const tongue = useMemo(() => ({ units: here.units, locale: plan.garden.locale }), [here.units, plan.garden.locale]);
  return { ...here, plan, tongue };
}

/** The record of the garden this view is in. */
export const useRecord = (): RecordBook => useHere().record;

/** How saving goes, or what a view shows of it: drawn again only when that changes. */
export const useSaving = <Shown,>(shown: (state: GardenState) => Shown): Shown =>
  useStore(useHere().store.state, shown);

/** Whether there is something to undo and to redo. */
export function useHistory(): { canUndo: boolean; canRedo: boolean } {
  const { history } = useHere().store;
  const canUndo = useStore(history, ({ pastStates }) => pastStates.length > 0);
  const canRedo = useStore(history, ({ futureStates }) => futureStates.length > 0);
  return { canUndo, canRedo };
}
