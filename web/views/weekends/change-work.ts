import type { Plan, Work } from '@lignum/core/plan/plan';
import { usualWork } from '@lignum/core/work/usual-work';

/** Who builds, and when: what was never said is the usual. */
export const changeWork =
  (change: (work: Work) => Partial<Work>): ((plan: Plan) => Plan) =>
  (plan) => {
    const work = plan.work ?? usualWork(plan);
    return { ...plan, work: { ...work, ...change(work) } };
  };
