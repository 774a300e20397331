import { readPlan } from '@lignum/core/formats/read-plan';
import { askedFrom } from '../../../server/asked';
import { answer, newId, refuse, withBody, withDatabase } from '../../../server/door';
import { createGarden, listGardens } from '../../../server/garden-store';

export const dynamic = 'force-dynamic';

/** A page of the gardens: `?seek=` words of a name or note, `by=saved|name|made`, `page=` from 1. */
export const GET = (request: Request): Promise<Response> =>
  withDatabase(async (db) => {
    const asked = askedFrom(new URL(request.url).searchParams);
    return asked.ok
      ? answer(200, await listGardens(db, asked.value))
      : refuse(422, 'Gardens cannot be looked through like this.', asked.faults);
  });

/** What whoever asks calls what they ask for, so that it is made once however often it is said. */
const MADE_AS = /^([0-9a-f]{8})([0-9a-f]{4})([0-9a-f]{4})([0-9a-f]{4})([0-9a-f]{12})$/;

/** Stores a plan document as a new garden: a new garden's first plan, an import, or a copy. */
export const POST = (request: Request): Promise<Response> =>
  withBody(request, async (body, db) => {
    const plan = readPlan(body);
    if (!plan.ok) return refuse(422, 'This is not a plan that can be read.', plan.faults);
    const as = MADE_AS.exec(request.headers.get('x-lignum-made-as') ?? '');
    const id = as ? as.slice(1).join('-') : newId();
    await createGarden(db, id, plan.plan);
    return answer(201, { id });
  });
