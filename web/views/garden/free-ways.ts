import type { Plan } from '@lignum/core/plan/plan';
import { waysAmong } from '@lignum/core/site/stand';

/** The ways between beds that nothing stands over yet, the likeliest to be walked first. */
export const freeWays = (plan: Plan): ReturnType<typeof waysAmong> =>
  waysAmong(plan.beds).filter(
    ({ beds }) =>
      !plan.structures.some(
        ({ stand }) => stand.on === 'beds' && beds.every((bed) => stand.beds.some((id) => id === bed.id)),
      ),
  );
