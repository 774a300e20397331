import { readPlan } from '@lignum/core/formats/read-plan';
import { answer, refuse, withDatabase } from '../../../../../../server/door';
import { planAt } from '../../../../../../server/garden-store';

export const dynamic = 'force-dynamic';

export async function GET(
  _request: Request,
  { params }: { params: Promise<{ id: string; revision: string }> },
): Promise<Response> {
  const { id, revision } = await params;
  return withDatabase(async (db) => {
    const read = readPlan(/^\d{1,9}$/.test(revision) ? await planAt(db, id, Number(revision)) : null);
    return read.ok ? answer(200, read.plan) : refuse(404, 'That earlier version is not kept any more.', read.faults);
  });
}
