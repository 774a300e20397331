import { expect } from '@playwright/test';
import { test } from './asking';
import { onlyStructures, openBench, ownGarden, saved, savedPlan } from './garden';

test('a wall that stands in May is seen not to hold in full leaf; the week and the gust are turned, and one press mends it', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request, (plan) => onlyStructures(plan, (one) => one.id === 'tomato-wall'));
  await openBench(page, id, 'tomato-wall');
  await page.getByText('Will it stand?', { exact: true }).click();
  await expect(page.getByText(/^Does not hold: \d+ %$/).first()).toBeVisible();
  const told = page.getByRole('status').filter({ hasText: 'a gust of' });
  await expect(told).toContainText('Does not hold');
  await expect(page.getByRole('img', { name: /^Hardest working: Post \d: bends/ })).toBeVisible();
  // The year, by keyboard: in May it holds.
  const week = page.getByRole('slider', { name: 'Week of the year' });
  await week.fill('20');
  await expect(told).toContainText('May');
  await expect(told).toContainText('Holds');
  // A hard enough gust is too much for it even then.
  await page.getByRole('slider', { name: /^Gust/ }).fill('130');
  await expect(told).toContainText('Does not hold');
  await page.getByRole('button', { name: 'Back to the worst week' }).click();
  await expect(told).not.toContainText('May');
  // The sum can be followed.
  await page.getByText('The sum', { exact: true }).click();
  await expect(page.getByRole('row', { name: /It presses with/ })).toBeVisible();
  await page.getByRole('button', { name: /^Posts at most apart/ }).click();
  await expect(page.getByText(/^(Holds|Holds, with little to spare): \d+ %$/).first()).toBeVisible();
  await saved(page);
  const plan = await savedPlan(request, id);
  expect(plan.structures[0]?.knobs['postSpacing']).toBeLessThan(2438);
});
