import Joi from 'joi';
import { atTheDoor } from '@lignum/core/formats/door';
import { readPlan } from '@lignum/core/formats/read-plan';
import { answer, refuse, withBody, withDatabase } from '../../../../server/door';
import { binGarden, deleteGarden, likeKnown, loadGarden, saveGarden } from '../../../../server/garden-store';

export const dynamic = 'force-dynamic';
interface Asked {
  params: Promise<{ id: string }>;
}

const savedAs = Joi.string().pattern(/^[\w-]{1,64}$/);
const SAVE = Joi.object({
  base: Joi.number().integer().min(1).required(),
  as: savedAs,
  unanswered: Joi.array().items(savedAs).max(200),
  plan: Joi.object().unknown().required(),
});
const GONE = 'This garden is no longer here: another tab may have deleted it.';

export async function GET(_request: Request, { params }: Asked): Promise<Response> {
  const { id } = await params;
  return withDatabase(async (db) => {
    const garden = await loadGarden(db, id);
    return garden ? answer(200, garden) : refuse(404, GONE);
  });
}

/** Saves over the revision the edits were made from; 409 when another tab has saved since. A save says what it is called, and which before it were never answered. */
export async function PUT(request: Request, { params }: Asked): Promise<Response> {
  const { id } = await params;
  return withBody(request, async (body, db) => {
    const save = atTheDoor<{ base: number; as?: string; unanswered?: string[]; plan: unknown }>(SAVE, body);
    if (!save.ok) return refuse(422, 'The save is not complete.', save.faults);
    const plan = readPlan(likeKnown(id, save.value.plan));
    if (!plan.ok) return refuse(422, 'Some of this cannot be saved as it stands.', plan.faults);
    const done = await saveGarden(db, id, { ...save.value, plan: plan.plan });
    if (done.outcome === 'gone') return refuse(404, GONE);
    return answer(done.outcome === 'saved' ? 200 : 409, done);
  });
}

/** Puts it into the bin; with `?for=good`, takes it out of there for good. */
export async function DELETE(request: Request, { params }: Asked): Promise<Response> {
  const { id } = await params;
  const forGood = new URL(request.url).searchParams.get('for') === 'good';
  return withDatabase(async (db) => {
    const done = await (forGood ? deleteGarden : binGarden)(db, id);
    return done ? answer(200, { [forGood ? 'deleted' : 'binned']: id }) : refuse(404, GONE);
  });
}
