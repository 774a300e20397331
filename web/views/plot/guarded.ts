import { openTo, type BedWatch } from '@lignum/core/choosing/kept-out';
import { bedOnPlot } from '@lignum/core/site/bed';
import { cornersOf, type PlanSpot } from '@lignum/core/site/plot';
import type { Plan } from '@lignum/core/plan/plan';

/** A planted bed or planter on the plot, and who gets into it on a day, or at any time of the season. */
export interface Guarded {
  id: string;
  name: string;
  outline: readonly PlanSpot[];
  who: readonly string[];
}

/** Who gets in where, on a day ("MM-DD") or, where that is null, at any time. */
export const guardedOn = (plan: Plan, watched: readonly BedWatch[], day: string | null): Guarded[] =>
  watched.map((watch) => {
    const { bed } = watch;
    const own = plan.beds.find(({ id }) => id === bed.id);
    return {
      id: bed.id,
      name: bed.name,
      outline: own ? bedOnPlot(own) : cornersOf(bed, bed.lengthMm, bed.widthMm),
      who: openTo(watch, day),
    };
  });
