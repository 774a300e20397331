import { calendarOfDays } from '../../../../server/calendar-of-days';
import { refuse, withDatabase } from '../../../../server/door';
import { gardenOfFeed } from '../../../../server/feed-store';

export const dynamic = 'force-dynamic';

/** The weekends of the garden that is followed at this secret: calendars cannot sign in, and ask here. */
export async function GET(request: Request, { params }: { params: Promise<{ secret: string }> }): Promise<Response> {
  const { secret } = await params;
  return withDatabase(async (db) => {
    const garden = await gardenOfFeed(db, secret.replace(/\.ics$/, ''));
    return garden ? calendarOfDays(request, garden) : refuse(404, 'Nothing is followed at this address.');
  });
}
