import { expect } from '@playwright/test';
import { test } from './asking';
import { ownGarden } from './garden';

test('who visits is ticked, every bed says who comes in, and what would keep them out is planned from there', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request);
  await page.goto(`/g/${id}/plot?look=sail-bed`);
  await page.getByRole('link', { name: 'What keeps them out?' }).click();
  const bed = page.getByRole('region', { name: 'Sail-loft bed' });
  await expect(bed.getByRole('listitem').filter({ hasText: 'cabbage butterflies' })).toContainText(
    'kept out by Cabbage tunnel',
  );
  await expect(bed.getByRole('listitem').filter({ hasText: 'rabbits' })).toContainText('push or gnaw through');
  await page.getByRole('checkbox', { name: 'deer' }).check();
  await expect(bed.getByRole('listitem').filter({ hasText: 'deer' }).first()).toContainText('Cabbage tunnel');
  // The cheapest that stops both is a fence round the bed.
  const best = bed.getByRole('list').last().getByRole('listitem').first();
  await expect(best).toContainText('stops all of them', { timeout: 15_000 });
  await expect(best).toContainText('Garden fence');
  await best.getByRole('button', { name: 'Plan it' }).click();
  await expect(page).toHaveURL(/\/s\/support-/);
  await page.goto(`/g/${id}/kept-out?bed=sail-bed`);
  await expect(bed.getByRole('listitem').filter({ hasText: 'deer' })).toContainText('kept out by Garden fence');
});
