import { expect } from '@playwright/test';
import { test } from './asking';
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { formatMoney } from '@lignum/core/quantity/money';
import { fewerBeds, ownGarden, saved, savedPlan, total } from './garden';

const LIGNUM = fileURLToPath(new URL('../../lignum', import.meta.url));

test('someone with a 24-foot bed who wants pruned tomatoes gets a drawing, a list and a cost; compute says the same', async ({
  page,
  request,
}, info) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New garden' }).click();
  await page.getByRole('button', { name: 'Make the garden' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Give the garden a name.' })).toBeVisible();
  await page.getByLabel('What is it called?').fill('Behind the bakery');
  // Where it lies decides what shops sell, in which money.
  await page.getByRole('combobox', { name: 'Where is it, about?' }).click();
  await page.getByRole('option', { name: 'US: the Midwest and the plains' }).click();
  await expect(page.getByRole('radio', { name: 'by the inch' })).toBeChecked();
  await page.getByRole('button', { name: 'Make the garden' }).click();
  await page.getByRole('link', { name: 'Plan a row' }).first().click();

  await page.getByLabel('Bed length').fill("24'");
  await page.getByRole('combobox', { name: 'Trained' }).click();
  await page.getByRole('option', { name: /pruned to one or two leaders/ }).click();
  await expect(page.getByRole('radio', { name: /First choice/ })).toBeChecked();
  await page.getByRole('radio', { name: /Panel wall on driven posts/ }).check();
  const wall = page.getByRole('article').filter({ hasText: 'Panel wall on driven posts' });
  await expect(wall).toContainText('The least a season');
  await wall.getByRole('button').click();

  await expect(page).toHaveURL(/\/s\/support-/);
  await expect(page.getByText('No problems found.').first()).toBeVisible();
  await expect(page.locator('.drawing').first()).toContainText('8′');
  // As many posts as stand in the gusts of the plains.
  await expect(page.getByRole('row', { name: /\d Studded steel post, 8′/ })).toBeVisible();
  await expect(page.getByText(/^Stands through its year/)).toBeVisible();
  await expect(page.getByRole('row', { name: /2 Welded panel 16′/ })).toBeVisible();
  await saved(page);

  const id = page.url().split('/g/')[1]?.split('/')[0] ?? '';
  const plan = await savedPlan(request, id);
  const file = info.outputPath('plan.json');
  const download = await request.get(`/api/gardens/${id}/plan`);
  expect(download.headers()['content-disposition']).toContain('behind-the-bakery.lignum.json');
  writeFileSync(file, await download.body());
  const result = JSON.parse(execFileSync(LIGNUM, ['compute', file], { encoding: 'utf8', maxBuffer: 64e6 })) as {
    structures: { cost: { total: { minor: number; currency: string } }; stations: { spare?: boolean }[] }[];
  };
  const computed = result.structures[0]?.cost.total ?? { minor: -1, currency: 'EUR' };
  await expect(total(page)).toHaveText(formatMoney(computed, plan.garden.locale));
  expect(result.structures[0]?.stations.filter(({ spare }) => !spare)).toHaveLength(14);

  await page.getByRole('link', { name: 'List and cuts for the shop' }).click();
  await expect(page.getByRole('row', { name: /Total/ })).toContainText(formatMoney(computed, plan.garden.locale));
  await expect(page.getByRole('img', { name: /^A: 16′ from 16′/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /^B: 8′ 8″ from 16′; 6′ 8″ left/ })).toBeVisible();
  const [csv] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'CSV' }).click()]);
  expect(readFileSync(await csv.path(), 'utf8')).toContain('total,');
});

test('a plan file goes out and comes back the same; a bad one is refused with reasons', async ({
  page,
  request,
}, info) => {
  const name = `Round trip ${Date.now()}`;
  await page.goto(
    `/g/${await ownGarden(request, (plan) => ({ ...fewerBeds(plan), garden: { ...plan.garden, name } }))}`,
  );
  await page.getByRole('radio', { name: 'The place' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Save the plan file' }).click(),
  ]);
  const text = readFileSync(await file.path(), 'utf8');
  await page.goto('/');
  const chooser = page.locator('input[type=file]');
  const bad = info.outputPath('bad.json');
  writeFileSync(bad, text.replace('"lengthMm": 7315.2', '"lengthMm": -5'));
  await chooser.setInputFiles(bad);
  await expect(page.getByRole('alert').filter({ hasText: 'not a plan' })).toContainText(
    '/beds/0/lengthMm is -5; the least is 300',
  );
  const good = info.outputPath('good.json');
  writeFileSync(good, text);
  await chooser.setInputFiles(good);
  await page.waitForURL(/\/g\/[0-9a-f-]{36}$/);
  const id = page.url().split('/g/')[1] ?? '';
  expect(await savedPlan(request, id)).toEqual(JSON.parse(text));

  await page.goto('/');
  await expect(page.getByRole('link', { name })).toHaveCount(2);
  await page
    .getByRole('button', { name: `Remove ${name}` })
    .last()
    .click();
  await expect(page.getByRole('link', { name })).toHaveCount(1);
  // It lies in the bin and comes back as it was; for good it goes only from there.
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('link', { name })).toHaveCount(2);
  expect(await savedPlan(request, id)).toEqual(JSON.parse(text));
  await request.delete(`/api/gardens/${id}`);
  expect((await request.get(`/api/gardens/${id}`)).status()).toBe(404);
  await page.reload();
  await page.getByText(/Removed:/).click();
  await page
    .getByRole('button', { name: `Remove for good: ${name}` })
    .first()
    .click();
  const gone = page.waitForResponse((reply) => reply.request().method() === 'DELETE');
  await page.getByRole('button', { name: 'Remove for good', exact: true }).last().click();
  expect((await gone).ok()).toBe(true);
  await expect(page.getByRole('link', { name })).toHaveCount(1);
  expect((await request.post(`/api/gardens/${id}/put-back`)).status()).toBe(404);
});
