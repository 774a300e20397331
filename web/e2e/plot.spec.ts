import { expect, type Page } from '@playwright/test';
import { test } from './asking';
import { fewerBeds, openBench, ownGarden, saved, savedPlan } from './garden';

const bedAt = async (page: Page, name: RegExp) => {
  const box = await page.getByRole('button', { name }).boundingBox();
  if (!box) throw new Error('the bed is not on the plot');
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
};

test('the plot is worked by mouse: a bed is dragged, its support with it, and the sun on its neighbour changes while it moves', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request);
  await page.goto(`/g/${id}`);
  await page.getByRole('radio', { name: 'Hours of sun' }).click();
  const yard = page.getByRole('listitem').filter({ hasText: /Yard bed.* h/ });
  await expect(yard).toContainText(/Tomato wall takes \d\.\d h/);
  const before = await yard.textContent();
  const from = await bedAt(page, /^Long bed,/);
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x - 30, from.y, { steps: 4 });
  await page.mouse.move(from.x - 58, from.y, { steps: 6 });
  await expect(yard).not.toHaveText(before ?? '');
  await page.mouse.up();
  await expect(page.getByRole('textbox', { name: 'From the left' })).not.toHaveValue('18′ 2¼″');
  await saved(page);
  const moved = (await savedPlan(request, id)).beds.find((bed) => bed.id === 'long-bed');
  expect(moved?.xMm).toBeLessThan(5000);
  // A drag that took its time is more than one step back.
  await expect(async () => {
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('textbox', { name: 'From the left' })).toHaveValue('18′ 2¼″', { timeout: 500 });
  }).toPass();
});

test('the plot is worked by keyboard and by typed offsets; shadows follow the hour; a clash with a cable is told', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request);
  await page.goto(`/g/${id}`);
  const slip = page.getByRole('button', { name: /^Slipway row,/ });
  // Reached with the keyboard it is not chosen yet: what is typed goes to nothing that was not meant.
  await slip.focus();
  await expect(page.getByRole('textbox', { name: 'From the left' })).toHaveCount(0);
  await slip.press('Enter');
  const left = page.getByRole('textbox', { name: 'From the left' });
  await left.fill('37 ft');
  await slip.focus();
  await page.keyboard.press('ArrowRight');
  await expect(left).toHaveValue('37′ 1″');
  // Told once it rests, to whoever cannot see it.
  await expect(page.getByText(/^Slipway row: 37′ 1″ from the left, .* from the bottom edge\./)).toBeVisible();
  await page.keyboard.press('r');
  await expect(page.getByRole('textbox', { name: 'Turned, degrees' })).toHaveValue('180');
  await page.keyboard.press('Control+z');
  await page.getByRole('radio', { name: 'Shadows' }).click();
  const time = page.getByRole('slider', { name: 'Time of day' });
  await time.focus();
  await page.keyboard.press('ArrowRight');
  await expect(time).toHaveAttribute('aria-valuetext', '16:10');
  await saved(page);
  await page.goto(`/g/${id}/s/bean-wall`);
  await expect(page.getByText(/A post stands .* from (Cable to the boathouse|Yard pump)/).first()).toBeVisible();
});

test('better places for a support are found and taken; wishes are shared out and planted', async ({
  page,
  request,
}) => {
  // A barn beside the long bed, and nothing else: there is a better place.
  const id = await ownGarden(request, (plan) => ({
    ...fewerBeds(plan),
    features: plan.features.slice(0, 1).map((house) => ({
      ...house,
      id: 'barn',
      name: 'Barn',
      xMm: 7600,
      yMm: 9000,
      turnDeg: 90,
      lengthMm: 7000,
      widthMm: 1000,
      heightMm: 5000,
    })),
  }));
  await page.goto(`/g/${id}`);
  await page.getByRole('radio', { name: 'Hours of sun' }).click();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Long bed' })
    .getByRole('button', { name: 'Find a sunnier spot' })
    .first()
    .click();
  await expect(page.getByText(/^As it lies, north–south/)).toBeVisible();
  const lies = async () => (await savedPlan(request, id)).beds.find((bed) => bed.id === 'yard-bed');
  const before = await lies();
  await page.getByRole('button', { name: 'Move it there' }).first().click();
  await saved(page);
  const moved = await lies();
  expect([moved?.xMm, moved?.yMm]).not.toEqual([before?.xMm, before?.yMm]);
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
  expect(await lies()).toEqual(before);
  await page.getByRole('button', { name: 'Turn it' }).click();
  await saved(page);
  expect((await lies())?.turnDeg).toBe(0);

  const empty = await ownGarden(request, (plan) => ({ ...plan, plantings: [], structures: [] }));
  await page.goto(`/g/${empty}/grow`);
  await page.getByRole('button', { name: 'Add the first crop' }).click();
  await page.getByLabel('Number of Tomato, indeterminate').fill('400');
  // Four hundred plants shared out over every bed: a worker's longest question here.
  await expect(page.getByText(/\d+ do not fit\./)).toBeVisible({ timeout: 40_000 });
  await page.getByLabel('Number of Tomato, indeterminate').fill('14');
  await page.getByRole('button', { name: 'Plant 14 plants as said' }).click();
  await saved(page);
  expect((await savedPlan(request, empty)).plantings.reduce((sum, planting) => sum + planting.count, 0)).toBe(14);
});

test('a reading of the simulated laser tape fills the field that was chosen', async ({ page, request }) => {
  const id = await ownGarden(request);
  await openBench(page, id, 'tomato-wall');
  await page.getByRole('textbox', { name: 'Row length' }).focus();
  await page.getByRole('button', { name: 'Laser tape (simulated)' }).click();
  const tape = page.getByRole('region', { name: 'Simulated laser tape' });
  await expect(tape).toContainText('Sends to Row length');
  await expect(tape).toContainText('No real device is used');
  await tape.getByRole('slider').fill('5000');
  await page.waitForTimeout(1600);
  await tape.getByRole('button', { name: 'Hold' }).click();
  await tape.getByRole('button', { name: 'Send' }).click();
  await expect(page.getByRole('textbox', { name: 'Row length' })).toHaveValue(/16′ 4 (13|7)\/(16|8)″|16′ 4⅞″|16′ 4¾″/);
});

test('"where should the cucumbers go, on what?" gets beds and supports ranked with reasons, a chart, and a support of the gardener’s own crop', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request, (plan) => ({ ...plan, plantings: [], structures: [] }));
  await page.goto(`/g/${id}/new`);
  await page.getByRole('combobox', { name: 'Crop' }).click();
  await page.getByRole('option', { name: 'Cucumber, climbing' }).click();
  await page.getByRole('textbox', { name: 'Plants' }).fill('16');
  const best = page.getByRole('radiogroup', { name: 'Where?' }).locator('label').first();
  await expect(best).toContainText('best place');
  await expect(best).toContainText(/h of sun a day; it wants 6/);
  await best.click();
  await expect(page.getByRole('article').first()).toContainText('First choice');
  await expect(page.getByRole('article').first()).toContainText('For it');
  await page.getByRole('button', { name: 'Compare over ten seasons' }).click();
  await expect(page.getByRole('table', { name: 'Spent after each season' }).getByRole('row')).toHaveCount(11);
  await page.getByRole('article').first().getByRole('button').click();
  await page.waitForURL(/\/s\/support-/);
  await page.getByRole('button', { name: /^Change .* cucumber/ }).click();
  await page.getByRole('button', { name: 'Add a crop like it' }).click();
  const own = page.getByRole('dialog', { name: 'A crop of your own' });
  await own.getByLabel('Name').fill('Lemon cucumber');
  await own.getByLabel('Held up to').fill("8'");
  await expect(own.getByRole('alert').filter({ hasText: 'higher than the plant grows' })).toBeVisible();
  await own.getByLabel('Held up to').fill("5'");
  await own.getByRole('button', { name: 'Use these figures' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText(/lemon cucumber/)).toBeVisible();
  await saved(page);
  expect((await savedPlan(request, id)).crops.map((crop) => crop.name)).toEqual(['Lemon cucumber']);
});

test('an arch is begun from the gap between two beds itself, which says how wide it is', async ({ page, request }) => {
  const id = await ownGarden(request, (plan) => ({
    ...fewerBeds(plan),
    beds: fewerBeds(plan)
      .beds.slice(0, 2)
      .map((bed, n) => ({ ...bed, xMm: 4000 + n * 2200, yMm: 6000, turnDeg: 90, lengthMm: 3000, widthMm: 1000 })),
    plantings: [],
    structures: [],
  }));
  await page.goto(`/g/${id}`);
  const boxes = await Promise.all(
    [/^Long bed,/, /^Slipway row,/].map((name) => page.getByRole('button', { name }).boundingBox()),
  );
  const [a, b] = boxes.map((box) => box!).toSorted((p, q) => p.x - q.x);
  const between = [(a!.x + a!.width + b!.x) / 2, a!.y + a!.height / 3] as const;
  await page.mouse.click(...between);
  const way = page.getByRole('region', { name: 'Way between Long bed and Slipway row' });
  await expect(way.getByRole('textbox', { name: 'Wide' })).toHaveValue('3′ 11¼″');
  // Let go by the key, taken up again.
  await page.keyboard.press('Escape');
  await expect(way).toHaveCount(0);
  await page.mouse.click(...between);
  await way.getByRole('button', { name: 'Panel arch' }).click();
  await page.waitForURL(/\/s\//);
  await saved(page);
  expect((await savedPlan(request, id)).structures.map(({ kind, stand }) => [kind, stand.on])).toEqual([
    ['panel-arch', 'beds'],
  ]);
});
