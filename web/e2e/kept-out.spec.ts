import { KINDS } from '@lignum/core/structures/registry';
import { expect } from '@playwright/test';
import { test } from './asking';
import { beginRow, onlyStructures, ownGarden, saved, savedPlan } from './garden';

test('who visits is ticked, every bed says who comes in, and what would keep them out is planned from there', async ({
  page,
  request,
}) => {
  const kept = ['cabbage-tunnel', 'river-fence', 'river-gate', 'berry-cage'];
  const id = await ownGarden(request, (plan) => onlyStructures(plan, (one) => kept.includes(one.id)));
  await page.goto(`/g/${id}?look=sail-bed`);
  await page.getByRole('link', { name: 'What keeps them out?' }).click();
  const bed = page.getByRole('region', { name: 'Sail-loft bed' });
  await expect(bed.getByRole('listitem').filter({ hasText: 'cabbage butterflies' })).toContainText(
    'kept out by Cabbage tunnel',
  );
  await expect(bed.getByRole('listitem').filter({ hasText: 'rabbits' })).toContainText('push or gnaw through');
  await page.getByRole('checkbox', { name: 'deer' }).check();
  // What follows who visits is built otherwise now: told, with the way back.
  await expect(page.getByText('River fence, River gate, Berry cage follow who visits and changed.')).toBeVisible();
  await expect(bed.getByRole('listitem').filter({ hasText: 'deer' }).first()).toContainText('Cabbage tunnel');
  // The cheapest that stops both is a fence round the bed, with its gate.
  const best = bed.getByRole('list').last().getByRole('listitem').first();
  await expect(best).toContainText('stops all of them', { timeout: 15_000 });
  await expect(best).toContainText('Garden fence and garden gate');
  await best.getByRole('button', { name: 'Plan them' }).click();
  await expect(page).toHaveURL(/\/s\/support-/);
  // Left before the save is answered, as anybody may: nothing is lost, and the page that comes is up to date.
  await page.goto(`/g/${id}/kept-out?bed=sail-bed`);
  await expect(bed.getByRole('listitem').filter({ hasText: 'deer' })).toContainText('kept out by Garden fence');
});

test('what does not climb is offered covers and fences, ranked; a fence comes with its gate', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request);
  await beginRow(page, id, 'long-bed', /Lettuce/);
  await expect(page.getByRole('heading', { name: 'Under what, or behind what?' })).toBeVisible();
  const kinds = page.getByRole('radiogroup', { name: 'Kinds of cover and fence, the best for this planting first' });
  await expect(kinds).toHaveAttribute('aria-busy', 'false', { timeout: 20_000 });
  const offered = KINDS.filter(
    ({ purpose, stands }) =>
      (purpose === 'cover' && stands.includes('bed')) || (purpose === 'barrier' && stands.includes('path')),
  );
  await expect(kinds.getByRole('radio')).toHaveCount(offered.length);
  await kinds.getByText('Garden fence').click();
  await expect(page.getByText('Stops rabbits.')).toBeVisible();
  await page.getByRole('button', { name: 'Use this' }).click();
  await expect(page).toHaveURL(/\/s\/support-/);
  await expect
    .poll(async () => (await savedPlan(request, id)).structures.slice(-2).map((one) => one.kind))
    .toEqual(['garden-fence', 'garden-gate']);
});

test('strawberries go into a tower without a bed: as many towers as they want, planted where they grow', async ({
  page,
  request,
}) => {
  // High enough for all of it: where a page grows shorter while it is scrolled, a browser without a screen stops drawing most.
  await page.setViewportSize({ width: 1280, height: 1600 });
  const id = await ownGarden(request);
  await beginRow(page, id, 'long-bed', /Strawberry/);
  await page.getByRole('textbox', { name: 'Plants' }).fill('30');
  await page.getByRole('radio', { name: /^No bed: in a planter/ }).click();
  await expect(page.getByRole('heading', { name: 'In what?' })).toBeVisible();
  await page.getByRole('radio', { name: /^Stacked tower/ }).click();
  await page.getByRole('button', { name: 'Use this' }).click();
  await expect(page).toHaveURL(/\/s\/support-/);
  await expect(page.getByRole('textbox', { name: 'Towers' })).toHaveValue('2');
  await expect(page.getByRole('region', { name: 'What grows in it' })).toContainText('30 strawberries');
  await saved(page);
  const plan = await savedPlan(request, id);
  expect(plan.plantings.at(-1)).toMatchObject({ bed: plan.structures.at(-1)?.id, crop: 'strawberry', count: 30 });
  await page.getByRole('button', { name: 'Remove this structure' }).click();
  await saved(page);
  expect((await savedPlan(request, id)).plantings).toHaveLength(plan.plantings.length - 1);
});
