'use client';
import { use, useSyncExternalStore } from 'react';
import { wrap } from 'comlink';
import { unpacker, type CarriedGarden } from '@lignum/core/plan/carried';
import type { Plan } from '@lignum/core/plan/plan';
import { withReadings } from '@lignum/core/plan/readings';
import { cardOf } from '@lignum/core/structures/cards';
import { served } from '#served';
import type { GardenStore } from './garden-store';
import { useGarden } from './garden-context';
import { useWorkFirst } from './in-turns';
import { GardenResults, type ResultsOutside, type WorkedOut } from './results';

/** What results follow from: the plan, and what was measured of what stands. */
type Followed = Pick<ReturnType<typeof useGarden>, 'store' | 'record' | 'readings'>;

interface Remote {
  answer(plan: Plan): Promise<CarriedGarden>;
}

function outsideOf({ store, record, readings }: Followed): ResultsOutside {
  let remote: Remote | null = null;
  return {
    ask(plan) {
      if (!remote) {
        const worker = new Worker(new URL('../../workers/garden.worker.ts', import.meta.url));
        const failed = new Promise<never>((_, fail) => {
          worker.onerror = (event) => fail(new Error(event.message));
        });
        failed.catch(() => undefined);
        const there = wrap<Remote>(worker);
        remote = { answer: (one) => Promise.race([there.answer(one), failed]) };
      }
      return remote.answer(plan);
    },
    unpack: unpacker(cardOf),
    here: async (plan) => (await import('@lignum/core/plan/compute')).computeGarden(plan),
    plan: () => withReadings(store.getState().plan, readings()),
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
  useWorkFirst(served.plan(id, plan), served.structures);
}

/**
 * What follows from the garden this view is in, worked out by a worker; while it works on a newer plan, what followed
 * from the one before, with that plan. A page that came from the server stays as it came until the first answer.
 */
export function useResults(): WorkedOut {
  const { id, store, record, readings, plan } = useGarden();
  const results = resultsOf({ store, record, readings });
  const shown = useSyncExternalStore(results.subscribe, results.get, () => results.get() ?? served.garden(id, plan));
  return shown ?? use(results.first());
}
