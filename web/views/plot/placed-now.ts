import type { SeenGarden } from '@lignum/core/plan/compute';
import type { SeenStructure } from '@lignum/core/plan/compute-as';
import type { Plan } from '@lignum/core/plan/plan';
import { footholdOf, frameOf, standOf } from '@lignum/core/site/stands/stands';

/**
 * What stands, as it was worked out last, where the plan has it now: it goes with the bed under the hand that drags it,
 * before what follows from that is known. What has been removed is gone, what its stand no longer finds stays.
 */
export function placedNow(plan: Plan, { structures }: SeenGarden): SeenStructure[] {
  return structures.flatMap((one) => {
    const now = plan.structures.find(({ id }) => id === one.structure.id);
    if (!now) return [];
    const { beds, gap } = footholdOf(one.setting.place);
    if (now.stand.on !== one.setting.place.on) return [one];
    const place = standOf(now.stand).place(now.stand, {
      bed: (id) => plan.beds.find((bed) => bed.id === id) ?? (beds[0] as (typeof beds)[number]),
      gapIn: () => gap as NonNullable<typeof gap>,
    });
    return [{ ...one, frame: frameOf(place, one.sized.design.startMm) }];
  });
}
