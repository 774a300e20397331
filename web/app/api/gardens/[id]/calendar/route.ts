import { calendarTask } from '../../../../../server/calendar-task';
import { download } from '../../../../../server/download';

export const dynamic = 'force-dynamic';

/** The days of work of a garden as an iCalendar file. */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  return download(request, id, (units, stored) => calendarTask(request, id, units, stored));
}
