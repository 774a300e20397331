import { expect } from '@playwright/test';
import { test } from './asking';
import { chooseBed, ownGarden, saved, savedPlan } from './garden';

test('several things are chosen: beside each other, once more, moved, removed, each in one step that undo takes back', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request);
  const before = await savedPlan(request, id);
  await page.goto(`/g/${id}`);
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  await page.getByRole('button', { name: 'Choose several' }).click();
  for (const name of ['Long bed', 'Yard bed']) await page.getByRole('checkbox', { name: `Choose ${name}` }).check();
  await page.getByRole('button', { name: 'Move…' }).click();
  await page.getByLabel('To the right').fill("2'");
  await page.getByRole('button', { name: 'Move 2' }).click();
  await saved(page);
  const moved = (await savedPlan(request, id)).beds.map((bed, i) => Math.round(bed.xMm - (before.beds[i]?.xMm ?? 0)));
  expect(moved).toEqual(before.beds.map(({ name }) => (['Long bed', 'Yard bed'].includes(name) ? 610 : 0)));
  await page.getByRole('button', { name: 'Once more' }).click();
  await saved(page);
  expect((await savedPlan(request, id)).structures).toHaveLength(before.structures.length + 2);
  for (let i = 0; i < 2; i++) await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await saved(page);
  expect(await savedPlan(request, id)).toEqual(before);

  await page.getByRole('button', { name: 'Choose several' }).click();
  for (const name of ['Tomato wall', 'Single-stem tomatoes'])
    await page.getByRole('checkbox', { name: `Choose ${name}` }).check();
  await page.getByRole('link', { name: 'Side by side' }).click();
  const table = page.getByRole('table', { name: 'Structures side by side' });
  await expect(table.getByRole('columnheader')).toHaveCount(2);
  const years = table.getByRole('row', { name: /^After 10 seasons/ });
  await expect(years.getByRole('cell')).toHaveCount(2);
  await expect(years).toContainText('the least');
  const [ten] = await years.allTextContents();
  await page.getByLabel('Seasons looked at').fill('1');
  await expect(table.getByRole('row', { name: /^After 1 season/ })).not.toHaveText(ten ?? '');
  await page.getByRole('button', { name: 'Compare without Tomato wall' }).click();
  await expect(table.getByRole('columnheader')).toHaveCount(1);
});

test('a layout is tried in a copy, weighed beside the garden, and taken over by one press that undo takes back', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request);
  const before = await savedPlan(request, id);
  await page.goto(`/g/${id}/beside`);
  await page.getByRole('button', { name: 'Try something in a copy' }).click();
  await page.waitForURL(new RegExp(`with=${id}$`));
  await expect(page.getByText('Nothing yet: they are alike.')).toBeVisible();
  const copy = /\/g\/([^/]+)\//.exec(page.url())?.[1] ?? '';
  // Without its wall, as if that had been removed there.
  const { plan, revision } = (await (await request.get(`/api/gardens/${copy}`)).json()) as {
    plan: typeof before;
    revision: number;
  };
  const structures = plan.structures.filter((one) => one.id !== 'tomato-wall');
  await request.put(`/api/gardens/${copy}`, { data: { base: revision, plan: { ...plan, structures } } });

  await page.goto(`/g/${id}/beside?with=${copy}`);
  const table = page.getByRole('table', { name: 'Two layouts beside each other' });
  const money = table.getByRole('row', { name: /^To begin with/ }).getByRole('cell');
  await expect(money).toHaveCount(2);
  await expect(money.nth(1)).toContainText('the least');
  await expect(money.nth(0)).not.toContainText('the least');
  await expect(page.getByRole('listitem').filter({ hasText: 'Tomato wall removed' })).toBeVisible();
  await page.getByRole('button', { name: 'Lay this garden out like it' }).click();
  await page.waitForURL(new RegExp(`/g/${id}$`));
  await saved(page);
  const like = await savedPlan(request, id);
  expect(like.structures.map((one) => one.id)).toEqual(structures.map((one) => one.id));
  expect(like.garden.name).toBe(before.garden.name);
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await saved(page);
  expect(await savedPlan(request, id)).toEqual(before);
});

test('a structure is taken along into another garden with its bed and what grows there, and opens there', async ({
  page,
  request,
}) => {
  const name = `Other ${Date.now()}`;
  const other = await ownGarden(request, (plan) => ({
    ...plan,
    garden: { ...plan.garden, name },
    beds: [],
    features: [],
    plantings: [],
    structures: [],
  }));
  const id = await ownGarden(request);
  await page.goto(`/g/${id}/s/tomato-wall`);
  await expect(page.locator('main')).toHaveAttribute('aria-busy', 'false');
  await page.getByRole('button', { name: 'More of these' }).click();
  await page.getByRole('button', { name: `Take it to ${name}` }).click();
  await page.getByRole('link', { name: 'Open it there' }).click();
  await expect(page).toHaveURL(new RegExp(`/g/${other}/s/support-`));
  await expect(page.getByText('No problems found.').first()).toBeVisible();
  const there = await savedPlan(request, other);
  expect([there.beds.map((bed) => bed.name), there.plantings.length]).toEqual([['Long bed'], 1]);
});

test('undo goes on after a reload, earlier versions say what they changed, and one structure comes back out of one', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request);
  const live = () => expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  await page.goto(`/g/${id}`);
  await live();
  await chooseBed(page, 'Long bed');
  await page.getByRole('textbox', { name: 'Length', exact: true }).fill("20'");
  await page.getByRole('textbox', { name: 'Length', exact: true }).press('Tab');
  await saved(page);
  await page.goto(`/g/${id}/s/string-frame`);
  await expect(page.locator('main')).toHaveAttribute('aria-busy', 'false');
  await page.getByRole('button', { name: 'Remove this structure' }).click();
  await saved(page);
  await page.reload();
  await live();
  const undo = page.getByRole('button', { name: 'Undo', exact: true }).first();
  await expect(undo).toBeEnabled();

  await page.getByRole('radio', { name: 'The place' }).click();
  await page.getByRole('button', { name: 'Earlier versions' }).click();
  const sheet = page.getByRole('dialog', { name: 'Earlier versions' });
  await expect(sheet.getByRole('listitem').filter({ hasText: 'Single-stem tomatoes removed' }).first()).toBeVisible();
  const wide = sheet.getByRole('listitem').filter({ hasText: 'Long bed: length 24′ → 20′' }).first();
  await wide.getByRole('button', { name: 'Take one structure out of it' }).click();
  await wide.getByRole('combobox', { name: 'Take one structure out of this version' }).click();
  await page.getByRole('option', { name: 'Single-stem tomatoes (removed since)' }).click();
  await saved(page);
  const back = await savedPlan(request, id);
  expect(back.structures.some((one) => one.id === 'string-frame')).toBe(true);
  expect(back.beds.find((bed) => bed.id === 'long-bed')?.lengthMm).toBeCloseTo(6096, 0);
  for (let i = 0; i < 3; i++) await undo.click();
  await saved(page);
  expect((await savedPlan(request, id)).beds.find((bed) => bed.id === 'long-bed')?.lengthMm).toBeCloseTo(7315.2, 0);
});
