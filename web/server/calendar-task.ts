import type { Units } from '@lignum/core/quantity/length';
import { builtIn } from '../kept/ticks';
import type { Entry } from '../kept/record';
import type { Task } from './computing/tasks';

/** What is asked for a garden's calendar: of what is still to be built, from today on. */
export const calendarTask = (
  request: Request,
  garden: string,
  units: Units,
  { said, savedAt }: { said: readonly Entry[]; savedAt: Date },
): Task & { make: 'calendar' } => ({
  make: 'calendar',
  structure: null,
  garden,
  units,
  built: builtIn(said),
  today: new Date().toISOString().slice(0, 10),
  origin: new URL(request.url).origin,
  stampMs: savedAt.getTime(),
});
