import { download } from './download';
import { stillToBuild } from './still-to-build';

/** The days of work of a garden as an iCalendar file. */
export const calendarOfDays = (request: Request, garden: string): Promise<Response> =>
  download(request, garden, (units, { plan, said, savedAt }) => ({
    make: 'calendar',
    structure: null,
    garden,
    units,
    origin: new URL(request.url).origin,
    stampMs: savedAt.getTime(),
    ...stillToBuild(plan, said),
  }));
