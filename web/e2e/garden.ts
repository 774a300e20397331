import { expect, type APIRequestContext, type Page } from '@playwright/test';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import type { Plan } from '@lignum/core/plan/plan';

/** A garden of a test's own, so that tests do not meet in one. */
export async function ownGarden(request: APIRequestContext, change: (plan: Plan) => Plan = (plan) => plan): Promise<string> {
  const reply = await request.post('/api/gardens', { data: change(DEMO_PLAN) });
  expect(reply.status()).toBe(201);
  return ((await reply.json()) as { id: string }).id;
}

export const savedPlan = async (request: APIRequestContext, id: string): Promise<Plan> => ((await (await request.get(`/api/gardens/${id}`)).json()) as { plan: Plan }).plan;

export const saved = (page: Page) => expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible();

/** The total on the bench, as it is shown. */
export const total = (page: Page) => page.locator('#cost + p');
