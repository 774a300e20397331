import { expose } from 'comlink';
import { carrier } from '@lignum/core/plan/carried';
import { computeGarden } from '@lignum/core/plan/compute';
import { knownPlans } from '@lignum/core/plan/known-plans';
import type { GardenWorker } from './garden-worker';

const carry = carrier();
/** One garden: what is the same in its next plan has been worked out already. */
const known = knownPlans(0);

expose({
  answer: (plan) => Promise.resolve(carry(computeGarden(known.remember('', plan)))),
  prepare: (plan) => Promise.resolve(void computeGarden(known.remember('', plan))),
  parts: () => Promise.resolve(performance.getEntriesByType('resource').map(({ name }) => name)),
} satisfies GardenWorker);
