import { answer, refuse, withDatabase } from '../../../../../server/door';
import { putBackGarden } from '../../../../../server/garden-store';

export const dynamic = 'force-dynamic';

/** Takes a garden out of the bin, as it was. */
export async function POST(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  return withDatabase(async (db) =>
    (await putBackGarden(db, id))
      ? answer(200, { back: id })
      : refuse(404, 'This garden is no longer kept: it was put back already, or its 30 days are over.'),
  );
}
