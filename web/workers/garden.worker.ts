import { expose } from 'comlink';
import { carrier, type CarriedGarden } from '@lignum/core/plan/carried';
import { computeGarden } from '@lignum/core/plan/compute';
import { keepSame } from '@lignum/core/plan/keep-same';
import type { Plan } from '@lignum/core/plan/plan';
import type { Answering } from './newest';

const carry = carrier();
/** The plan asked about last: what is the same in the next one has been worked out already. */
let last: Plan | null = null;

expose({
  answer(plan) {
    last = last ? keepSame(last, plan) : plan;
    return carry(computeGarden(last));
  },
} satisfies Answering<Plan, CarriedGarden>);
