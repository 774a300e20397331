import { writeFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { test } from './asking';
import { onlyStructures, ownGarden, saved, savedPlan } from './garden';

test('invented prices are told from one’s own, a file of prices is looked at before it is taken, and what was paid becomes a price', async ({
  page,
  request,
}, info) => {
  const id = await ownGarden(request, (plan) => onlyStructures(plan, (one) => one.id === 'tomato-wall'));
  await page.goto(`/g/${id}/prices`);
  await expect(page.getByText(/\d+ of \d+ prices this garden uses are invented/)).toBeVisible();
  const file = info.outputPath('prices.csv');
  writeFileSync(file, 'stock;size;price\nsteel-post;2438.4;9,90\nsteel-post;2133.6;dear\nnothing;1;1,00');
  await page.getByLabel('CSV file of prices').setInputFiles(file);
  const sheet = page.getByRole('dialog', { name: 'Prices from a file' });
  await expect(sheet).toContainText('Row 3: price is “dear”; it should be an amount like 12.50.');
  await expect(sheet).toContainText('Row 4: stock is “nothing”');
  await sheet.getByRole('button', { name: 'Take 1 price' }).click();
  const post = page.getByRole('listitem').filter({ hasText: 'Studded steel post 8′' }).first();
  await expect(post).toContainText('your own');
  await saved(page);
  const priceOf = async () =>
    (await savedPlan(request, id)).priceBook.lines.find(({ stock, size }) => stock === 'steel-post' && size === 2438.4)
      ?.price.minor;
  expect(await priceOf()).toBe(990);

  await page.goto(`/g/${id}/list`);
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  await page.getByRole('checkbox', { name: 'Got Studded steel post' }).check();
  await page.getByRole('button', { name: /Note what was paid for Studded steel post/ }).click();
  // Four of them.
  await page.getByRole('textbox', { name: /Paid for Studded steel post/ }).fill('33.00');
  await page.getByRole('textbox', { name: /Paid for Studded steel post/ }).blur();
  await page.getByRole('button', { name: '€8.25 for one: keep it as its price' }).click();
  await saved(page);
  expect(await priceOf()).toBe(825);

  // Another shop sells it for less: it is bought there, and where one does not go to that shop it is not.
  await page.goto(`/g/${id}/prices`);
  await page.getByRole('button', { name: 'at any shop: the shop of Studded steel post, 8′' }).first().click();
  await page
    .getByRole('textbox', { name: 'Shop', exact: true })
    .or(page.getByRole('combobox', { name: 'Shop' }))
    .fill('Quay yard');
  await page.getByRole('button', { name: 'They sell it too' }).click();
  await page.getByRole('textbox', { name: 'Price of Studded steel post, 8′, at Quay yard' }).first().fill('6.10');
  await saved(page);
  await page.getByRole('link', { name: 'List' }).click();
  await expect(page.getByRole('rowheader', { name: 'Quay yard: posts' })).toBeVisible();
  await expect(page.getByRole('row', { name: 'At Quay yard €24.40' })).toBeVisible();
  await page.getByRole('link', { name: 'Prices' }).click();
  await page.getByRole('checkbox', { name: 'Quay yard' }).uncheck();
  await page.getByRole('link', { name: 'List' }).click();
  await expect(page.getByRole('row', { name: /4 Studded steel post/ })).toContainText('€33.00');
  await expect(page.getByRole('rowheader', { name: 'Quay yard: posts' })).toHaveCount(0);

  // A size that only one shop has is put in with its shop; a second price of theirs for it is not.
  await page.getByRole('link', { name: 'Prices' }).click();
  const add = page.locator('form').filter({ has: page.getByText(/^Price, /) });
  await page
    .getByText(/^Timber/)
    .first()
    .click();
  const more = page.getByRole('button', { name: 'Add a size' }).first();
  await more.click();
  await add.getByLabel('Shop, if only one has it').fill('Hill yard');
  await add.getByRole('textbox', { name: 'Price' }).fill('9.90');
  await add.getByRole('button', { name: 'Add', exact: true }).click();
  await saved(page);
  const hill = (await savedPlan(request, id)).priceBook.lines.filter(({ shop }) => shop === 'Hill yard');
  expect(hill.map(({ price }) => price.minor)).toEqual([990]);
  await more.click();
  await add.getByLabel('Shop, if only one has it').fill('Hill yard');
  await add.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(add.getByRole('alert')).toContainText('at Hill yard already');
});
