import { expose } from 'comlink';
import { carrier, type CarriedGarden } from '@lignum/core/plan/carried';
import { computeGarden } from '@lignum/core/plan/compute';
import { knownPlans } from '@lignum/core/plan/known-plans';
import type { Plan } from '@lignum/core/plan/plan';
import type { Answering } from './newest';

const carry = carrier();
/** One garden: what is the same in its next plan has been worked out already. */
const known = knownPlans(0);

expose({
  answer(plan) {
    return carry(computeGarden(known.remember('', plan)));
  },
} satisfies Answering<Plan, CarriedGarden>);
