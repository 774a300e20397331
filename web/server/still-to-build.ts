import type { Plan } from '@lignum/core/plan/plan';
import type { Built } from '@lignum/core/work/left';
import type { Entry } from '../kept/record';
import { builtIn } from '../kept/ticks';

/** What the weekends follow from beside the plan: what is ticked off as built, and the day it is where the garden lies. */
export const stillToBuild = ({ site }: Plan, said: readonly Entry[]): { built: Built; today: string } => ({
  built: builtIn(said),
  // Swedes write days as they are kept: 2027-03-06.
  today: new Intl.DateTimeFormat('sv', { timeZone: site.zone ?? 'UTC' }).format(new Date()),
});
