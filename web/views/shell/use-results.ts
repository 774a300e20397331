'use client';
import { use, useSyncExternalStore } from 'react';
import { wrap } from 'comlink';
import { unpacker, type CarriedGarden } from '@lignum/core/plan/carried';
import { computeGarden } from '@lignum/core/plan/compute';
import { knownPlans } from '@lignum/core/plan/known-plans';
import type { Plan } from '@lignum/core/plan/plan';
import { computeRemembered } from '@lignum/core/plan/remembered';
import { withReadings } from '@lignum/core/plan/readings';
import { kindOf } from '@lignum/core/structures/registry';
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
    unpack: unpacker(kindOf),
    here: computeGarden,
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

/** Plans of the gardens that were last looked at, on the server: of one that comes again nothing is worked out twice. */
const known = knownPlans();
/** A plan as the server knows it; null in a browser. */
export const asServed = (id: string, plan: Plan): Plan | null =>
  typeof window === 'undefined' ? known.remember(id, plan) : null;

function* structuresOf(plan: Plan): Iterable<unknown> {
  for (const structure of plan.structures) yield computeRemembered(kindOf, plan, structure);
}
/** On the server, works the garden of this view out before it is drawn, in turns with whatever else is asked. */
export function useGardenFirst(): void {
  const { id, plan } = useGarden();
  useWorkFirst(asServed(id, plan), structuresOf);
}

/** On the server everything is there at once. */
const served = new WeakMap<Plan, WorkedOut>();
function onServer(id: string, asked: Plan): WorkedOut | null {
  const plan = asServed(id, asked);
  if (!plan) return null;
  const worked = served.get(plan) ?? { plan, garden: computeGarden(plan) };
  served.set(plan, worked);
  return worked;
}

/**
 * What follows from the garden this view is in, worked out by a worker; while it works on a newer plan, what followed
 * from the one before, with that plan. A page that came from the server stays as it came until the first answer.
 */
export function useResults(): WorkedOut {
  const { id, store, record, readings, plan } = useGarden();
  const results = resultsOf({ store, record, readings });
  const shown = useSyncExternalStore(results.subscribe, results.get, () => results.get() ?? onServer(id, plan));
  return shown ?? use(results.first());
}
