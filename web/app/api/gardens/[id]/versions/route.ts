import { answer, refuse, withDatabase } from '../../../../../server/door';
import { listVersions } from '../../../../../server/garden-store';

export const dynamic = 'force-dynamic';

export async function GET(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  return withDatabase(async (db) => {
    const versions = await listVersions(db, id);
    return versions ? answer(200, versions) : refuse(404, 'This garden is no longer here.');
  });
}
