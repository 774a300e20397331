import type { Entry } from '../kept/record';
import { builtIn } from '../kept/ticks';

/** What the weekends follow from beside the plan: what is ticked off as built, and the day it is here. */
export const stillToBuild = (said: readonly Entry[]): { built: string[]; today: string } => ({
  built: builtIn(said),
  today: new Date().toISOString().slice(0, 10),
});
