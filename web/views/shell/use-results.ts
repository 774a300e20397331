'use client';
import { use, useSyncExternalStore } from 'react';
import { preload } from 'react-dom';
import { wrap } from 'comlink';
import { unpacker } from '@lignum/core/plan/carried';
import { withReadings } from '@lignum/core/plan/readings';
import { cardOf } from '@lignum/core/structures/cards';
import { served } from '#served';
import { CALM_MS } from '../../ui/calm';
import type { GardenWorker } from '../../workers/garden-worker';
import type { WorkedOut } from '../../worked/working';
import { alsoDrawnWith } from './parts-elsewhere';
import { asSent, seenAddress } from './as-sent';
import type { GardenState, GardenStore } from './garden-store';
import { useGarden } from './garden-context';
import { useWorkFirst } from './use-work-first';
import { GardenResults, type ResultsOutside } from './results';

/** What results follow from: the plan, and what was measured of what stands. */
type Followed = Pick<ReturnType<typeof useGarden>, 'id' | 'store' | 'record' | 'readings'>;

/** The worker that works the garden out, from when it is first needed on. */
function elsewhere(): GardenWorker {
  const worker = new Worker(new URL('../../workers/garden.worker.ts', import.meta.url));
  const failed = new Promise<never>((_, fail) => {
    worker.onerror = (event) => fail(new Error(event.message));
  });
  failed.catch(() => undefined);
  const there = wrap<GardenWorker>(worker);
  void there.parts().then(alsoDrawnWith, () => undefined);
  return {
    answer: (plan) => Promise.race([there.answer(plan), failed]),
    prepare: (plan) => there.prepare(plan),
    parts: () => there.parts(),
  };
}

function outsideOf({ id, store, record, readings }: Followed): ResultsOutside {
  let worker: GardenWorker | null = null;
  // The page as it was sent; what the server drew it from is asked for once.
  let sent: GardenState | null = store.getState();
  const plan = () => withReadings(store.getState().plan, readings());
  return {
    async ask(asked) {
      const first = sent;
      sent = null;
      if (first && first.plan === store.getState().plan && first.save.state === 'saved' && !worker) {
        const of = { revision: first.revision, savedAt: first.save.at, readings: readings() };
        const carried = await asSent(id, of);
        if (carried) {
          // The next answer comes from the worker: it gets ready for it once nobody waits.
          setTimeout(() => void (worker ??= elsewhere()).prepare(plan()).catch(() => undefined), CALM_MS);
          return carried;
        }
      }
      return (worker ??= elsewhere()).answer(asked);
    },
    unpack: unpacker(cardOf),
    here: async (one) => (await import('@lignum/core/plan/compute')).computeGarden(one),
    plan,
    follow: (changed) => {
      const unfollow = [store.state.subscribe(changed), record.subscribe(changed)];
      return () => unfollow.forEach((stop) => stop());
    },
  };
}

/** One for each garden a tab works on, for as long as it does. */
const resultsFor = new WeakMap<GardenStore, GardenResults>();

function resultsOf(followed: Followed): GardenResults {
  const results = resultsFor.get(followed.store) ?? new GardenResults(outsideOf(followed));
  resultsFor.set(followed.store, results);
  return results;
}

/** On the server, works the garden of this view out before it is drawn, in turns with whatever else is asked. */
export function useGardenFirst(): void {
  const { id, plan } = useGarden();
  const known = served.plan(id, plan);
  // The page goes on from what it was drawn from: that comes beside its scripts.
  if (known) preload(seenAddress(id), { as: 'fetch', crossOrigin: 'anonymous' });
  useWorkFirst(known, served.structures);
}

/**
 * What follows from the garden this view is in, worked out by a worker; while it works on a newer plan, what followed
 * from the one before, with that plan. A page that came from the server stays as it came until the first answer.
 */
export function useResults(): WorkedOut {
  const { id, store, record, readings, plan } = useGarden();
  const results = resultsOf({ id, store, record, readings });
  const shown = useSyncExternalStore(results.subscribe, results.get, () => results.get() ?? served.garden(id, plan));
  return shown ?? use(results.first());
}
