import type { Plan } from '@lignum/core/plan/plan';
import { waysAmong } from '@lignum/core/site/way';
import { bedsNamed } from '@lignum/core/site/stands/stands';

/** The ways between beds that nothing stands over yet, the likeliest to be walked first. */
export const freeWays = (plan: Plan): ReturnType<typeof waysAmong> =>
  waysAmong(plan.beds).filter(
    ({ beds }) => !plan.structures.some(({ stand }) => beds.every((bed) => bedsNamed(stand).includes(bed.id))),
  );
