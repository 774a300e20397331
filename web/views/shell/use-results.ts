'use client';
import { use, useSyncExternalStore } from 'react';
import { wrap } from 'comlink';
import { unpacker, type CarriedGarden } from '@lignum/core/plan/carried';
import { computeGarden } from '@lignum/core/plan/compute';
import type { Plan } from '@lignum/core/plan/plan';
import { kindOf } from '@lignum/core/structures/registry';
import type { GardenStore } from './garden-store';
import { useGarden } from './garden-context';
import { GardenResults, type ResultsOutside, type WorkedOut } from './results';

interface Remote {
  answer(plan: Plan): Promise<CarriedGarden>;
}

function outsideOf(store: GardenStore): ResultsOutside {
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
    unpack: unpacker(kindOf),
    here: computeGarden,
    plan: () => store.getState().plan,
    follow: (changed) => store.state.subscribe(changed),
  };
}

/** One for each garden a tab works on, for as long as it does. */
const known = new WeakMap<GardenStore, GardenResults>();

function resultsOf(store: GardenStore): GardenResults {
  const results = known.get(store) ?? new GardenResults(outsideOf(store));
  known.set(store, results);
  return results;
}

/** On the server everything is there at once. */
const served = new WeakMap<Plan, WorkedOut>();
function onServer(plan: Plan): WorkedOut | null {
  if (typeof window !== 'undefined') return null;
  const worked = served.get(plan) ?? { plan, garden: computeGarden(plan) };
  served.set(plan, worked);
  return worked;
}

/**
 * What follows from the garden this view is in, worked out by a worker; while it works on a newer plan, what followed
 * from the one before, with that plan. A page that came from the server stays as it came until the first answer.
 */
export function useResults(): WorkedOut {
  const { store, plan } = useGarden();
  const results = resultsOf(store);
  const shown = useSyncExternalStore(results.subscribe, results.get, () => results.get() ?? onServer(plan));
  return shown ?? use(results.first());
}
