import { atTheDoor } from '@lignum/core/formats/door';
import { answer, refuse, withBody } from '../../../../../server/door';
import { takeTicks, TICKS_SCHEMA } from '../../../../../server/tick-store';
import { mergeTicks, type Tick } from '../../../../../kept/ticks';

export const dynamic = 'force-dynamic';

/** Takes in what somebody has ticked off and answers with all ticks of the garden. */
export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  return withBody(request, async (body, db) => {
    const said = atTheDoor<{ ticks: Tick[] }>(TICKS_SCHEMA, body);
    if (!said.ok) return refuse(422, 'These ticks cannot be kept as they stand.', said.faults);
    // Of a thing that is said twice the newer counts: one statement cannot change a row twice.
    const all = await takeTicks(db, id, mergeTicks(said.value.ticks));
    return all ? answer(200, { ticks: all }) : refuse(404, 'This garden is no longer here.');
  });
}
