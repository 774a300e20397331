import { readPlan } from '@lignum/core/formats/read-plan';
import { answer, newId, refuse, withBody, withDatabase } from '../../../server/door';
import { createGarden, listGardens } from '../../../server/garden-store';

export const dynamic = 'force-dynamic';

export const GET = (): Promise<Response> => withDatabase(async (db) => answer(200, await listGardens(db)));

/** Stores a plan document as a new garden: a new garden's first plan, an import, or a copy. */
export const POST = (request: Request): Promise<Response> =>
  withBody(request, async (body, db) => {
    const plan = readPlan(body);
    if (!plan.ok) return refuse(422, 'This is not a plan that can be read.', plan.faults);
    const id = newId();
    await createGarden(db, id, plan.plan);
    return answer(201, { id });
  });
