import { readPlan } from '@lignum/core/formats/read-plan';
import { answer, newId, readBody, refuse, withDatabase } from '../../../server/door';
import { createGarden, listGardens } from '../../../server/garden-store';

export const dynamic = 'force-dynamic';

export const GET = (): Promise<Response> => withDatabase(async (db) => answer(200, await listGardens(db)));

/** Stores a plan document as a new garden: a new garden's first plan, an import, or a copy. */
export async function POST(request: Request): Promise<Response> {
  const read = await readBody(request);
  if (!read.ok) return read.refusal;
  const plan = readPlan(read.body);
  if (!plan.ok) return refuse(422, 'This is not a plan that can be read.', plan.faults);
  return withDatabase(async (db) => {
    const id = newId();
    await createGarden(db, id, plan.plan);
    return answer(201, { id });
  });
}
