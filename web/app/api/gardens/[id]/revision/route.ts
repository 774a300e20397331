import { answer, refuse, withDatabase } from '../../../../../server/door';
import { revisionOf } from '../../../../../server/garden-store';

export const dynamic = 'force-dynamic';

/** Which revision is the newest: how an open tab learns that it has gone stale. */
export async function GET(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  return withDatabase(async (db) => {
    const now = await revisionOf(db, id);
    return now ? answer(200, now) : refuse(404, 'This garden is no longer here.');
  });
}
