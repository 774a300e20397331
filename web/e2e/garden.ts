import { expect, type APIRequestContext, type Page } from '@playwright/test';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import type { Plan } from '@lignum/core/plan/plan';

/**
 * A garden of a test's own, so that tests do not meet in one: the first beds of the demo and what stands on them. Only
 * where all of it is wanted is it the whole demo: every page of that is worked out, drawn and sent for sixty structures.
 */
export async function ownGarden(request: APIRequestContext, change: (plan: Plan) => Plan = fewerBeds): Promise<string> {
  const reply = await request.post('/api/gardens', { data: change(DEMO_PLAN) });
  expect(reply.status()).toBe(201);
  return ((await reply.json()) as { id: string }).id;
}

/** All of the demo. */
export const whole = (plan: Plan): Plan => plan;

export const savedPlan = async (request: APIRequestContext, id: string): Promise<Plan> =>
  ((await (await request.get(`/api/gardens/${id}`)).json()) as { plan: Plan }).plan;

export const saved = (page: Page) => expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible();

/** The total on the bench, as it is shown. */
export const total = (page: Page) => page.locator('#cost + p');

/** The demo with its first five beds only: room on the plot, and fewer things that shade each other. */
export function fewerBeds(plan: Plan): Plan {
  const kept = ['long-bed', 'ramp-row', 'wall-border', 'yard-bed', 'odd-bed'];
  return {
    ...plan,
    beds: plan.beds.filter((bed) => kept.includes(bed.id)),
    plantings: plan.plantings.filter((one) => kept.includes(one.bed)),
    structures: plan.structures.filter((one) => one.stand.on === 'bed' && kept.includes(one.stand.bed)),
  };
}

/** A garden with some of its structures only; what grows in a planter goes with it. */
export function onlyStructures(plan: Plan, kept: (structure: Plan['structures'][number]) => boolean): Plan {
  const gone = new Set(plan.structures.filter((one) => !kept(one)).map(({ id }) => id));
  return {
    ...plan,
    structures: plan.structures.filter(kept),
    plantings: plan.plantings.filter(({ bed }) => !gone.has(bed)),
  };
}

/** Begins a row on a bed of a garden with another crop than the page's own. */
export async function beginRow(page: Page, garden: string, bed: string, crop: RegExp): Promise<void> {
  await page.goto(`/g/${garden}/new?bed=${bed}`);
  await page.getByRole('combobox', { name: 'Crop' }).click();
  await page.getByRole('option', { name: crop }).click();
}

/** Opens the bench of a support and waits until it can be worked. */
export async function openBench(page: Page, garden: string, support: string): Promise<void> {
  await page.goto(`/g/${garden}/s/${support}`);
  await expect(page.locator('main')).toHaveAttribute('aria-busy', 'false');
}

/** Chooses a bed in the list beside the plot: what grows in it and its figures stand there then. */
export async function chooseBed(page: Page, name: string): Promise<void> {
  await page.getByRole('radio', { name: 'All of it' }).click();
  await page
    .getByRole('complementary')
    .getByRole('button', { name: new RegExp(`^\\d+\\s*${name}`) })
    .click();
}
