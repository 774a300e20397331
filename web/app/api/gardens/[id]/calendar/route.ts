import { calendarOfDays } from '../../../../../server/calendar-of-days';

export const dynamic = 'force-dynamic';

/** The days of work of a garden as an iCalendar file. */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return calendarOfDays(request, (await params).id);
}
