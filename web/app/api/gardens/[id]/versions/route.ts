import { answer, withDatabase } from '../../../../../server/door';
import { listRevisions } from '../../../../../server/garden-store';

export const dynamic = 'force-dynamic';

export async function GET(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  return withDatabase(async (db) => answer(200, await listRevisions(db, id)));
}
