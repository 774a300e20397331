import type { Plan } from '@lignum/core/plan/plan';
import { makeGarden } from '../shell/make-garden';

/** A garden once more, to try something in: where it can be looked at beside the one it was taken from; null where it could not be stored. */
export async function tryInCopy(id: string, plan: Plan): Promise<string | null> {
  const name = `${plan.garden.name.slice(0, 60)}, tried`;
  const reply = await makeGarden({ ...plan, garden: { ...plan.garden, name } });
  if (!reply?.ok) return null;
  const made = (await reply.json()) as { id: string };
  return `/g/${made.id}/beside?with=${id}`;
}
