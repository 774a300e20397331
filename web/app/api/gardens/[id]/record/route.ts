import { atTheDoor } from '@lignum/core/formats/door';
import { answer, refuse, withBody } from '../../../../../server/door';
import { RECORD_SCHEMA, takeEntries } from '../../../../../server/record-store';

export const dynamic = 'force-dynamic';

/** Takes in what somebody has ticked off or measured, and answers with all that is kept of the garden, what is not, and the server's clock. */
export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  return withBody(request, async (body, db) => {
    const said = atTheDoor<{ entries: object[] }>(RECORD_SCHEMA, body);
    if (!said.ok) return refuse(422, 'This cannot be kept as it stands.', said.faults);
    const all = await takeEntries(db, id, said.value.entries, Date.now());
    return all ? answer(200, all) : refuse(404, 'This garden is no longer here.');
  });
}
