import { expect, type Page } from '@playwright/test';
import { test } from './asking';
import { onlyStructures, openBench, ownGarden, saved, savedPlan, total } from './garden';

/** A place of the plot as it is drawn, by shares of its width and height. */
async function tap(page: Page, across: number, up: number): Promise<void> {
  const box = await page.getByRole('application').locator('rect').first().boundingBox();
  if (!box) throw new Error('nothing is being laid');
  await page.mouse.click(box.x + box.width * across, box.y + box.height * (1 - up));
}

test('what could be built says whom it would take sun from where it is drawn, and nothing of that where it has no place', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request, (plan) => onlyStructures(plan, () => false));
  await page.goto(`/g/${id}/build`);
  const card = (name: string) =>
    page.getByRole('listitem').filter({ has: page.getByRole('heading', { name, exact: true }) });
  await expect(card('Hinged A-frame')).toContainText(
    /Sun it takes, if on [A-Z][\w -]+(up to [\d.]+ h a day from [A-Z]|none worth a word)/,
    // Worked out for forty kinds beside everything else that runs here.
    { timeout: 75_000 },
  );
  await expect(card('Garden fence')).toContainText('Work a year');
  await expect(card('Garden fence')).not.toContainText('Sun it takes');
});

test('a fence is laid corner by corner, a corner is dragged, typed and added, and the bench has its bays and its price', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request, (plan) => ({ ...plan, beds: [], plantings: [], structures: [], features: [] }));
  await page.goto(`/g/${id}/build`);
  await page.getByRole('link', { name: 'Lay it on the plot: Garden fence' }).click();
  await expect(page.getByText(/^Lay the .* Tap where it begins/)).toBeVisible();
  await tap(page, 0.2, 0.2);
  // A corner on the last one is refused, naming both and the limit.
  await tap(page, 0.2, 0.2);
  await expect(page.getByRole('main').getByRole('alert')).toContainText(
    /Corner 2 lies 0.* from corner 1; the least is/,
  );
  await tap(page, 0.8, 0.2);
  await tap(page, 0.8, 0.7);
  await page.getByRole('button', { name: 'It ends here' }).click();
  await expect(page.getByRole('button', { name: /^Corner \d/ })).toHaveCount(3);
  const third = page.getByRole('button', { name: /^Corner 3,/ });
  // The plot takes the room of what said how to lay it: hovering waits until it lies still.
  await third.hover();
  const box = await third.boundingBox();
  if (!box) throw new Error('the corner is not on the plot');
  await page.mouse.down();
  await page.mouse.move(box.x - 60, box.y + 60, { steps: 5 });
  await page.mouse.up();
  await page.getByRole('textbox', { name: 'Corner 1, from the left' }).fill('6 ft');
  await page.getByRole('textbox', { name: 'Corner 2, soil over the first corner' }).fill('8 in');
  await page.getByRole('button', { name: /^Make a corner between 1 and 2/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Corner \d/ })).toHaveCount(4);
  await saved(page);
  const [fence] = (await savedPlan(request, id)).structures;
  expect(fence?.stand).toMatchObject({ on: 'path', closed: false });
  if (fence?.stand.on !== 'path') throw new Error('the fence follows no path');
  expect(fence.stand.spots).toHaveLength(4);
  expect(fence.stand.spots[0]?.xMm).toBeCloseTo(1828.8, 3);
  expect(fence.stand.spots[2]?.groundMm).toBeCloseTo(203.2, 3);
  await page.getByRole('link', { name: 'Open the design' }).click();
  await expect(page.getByRole('table').filter({ hasText: 'Between posts' })).toContainText('rises');
  await expect(total(page)).toHaveText(/€[1-9]/);
  await page.getByRole('link', { name: /move it on the plot/ }).click();
  await page.getByRole('button', { name: /^Corner 4,/ }).focus();
  await page.keyboard.press('Delete');
  await expect(page.getByRole('button', { name: /^Corner \d/ })).toHaveCount(3);
});

test('gates go into a fence from its bench and on the plot, are pulled along it, and go with it and come back', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request, (plan) => onlyStructures(plan, (one) => one.kind === 'garden-fence'));
  await openBench(page, id, 'river-fence');
  await page.getByRole('button', { name: 'Put a gate in it' }).click();
  await expect(page).toHaveURL(/\/s\/support-/);
  await expect(page.locator('main')).toHaveAttribute('aria-busy', 'false');
  // A wide one is told to be heavy.
  await page.getByRole('textbox', { name: 'Gateway, clear' }).fill('5 ft');
  await expect(page.getByText(/A leaf of 4′ 11″ hangs heavy/)).toBeVisible();
  await page.getByRole('link', { name: /in River fence: move it on the plot/ }).click();
  const along = page.getByRole('textbox', { name: 'Its middle, along River fence' });
  const gate = page.getByRole('button', { name: /^Garden gate, River fence, .*along its run/ });
  const before = await along.inputValue();
  await gate.hover();
  const box = await gate.boundingBox();
  if (!box) throw new Error('the gate is not on the plot');
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 80, box.y - 40, { steps: 5 });
  await page.mouse.up();
  await expect(along).not.toHaveValue(before);
  await page.getByRole('button', { name: /^River fence, / }).press('Enter');
  await page.getByRole('button', { name: 'Put a gate in it' }).click();
  await expect(page).toHaveURL(/\/s\/support-/);
  await saved(page);
  const gates = async () => (await savedPlan(request, id)).structures.filter((one) => one.stand.on === 'run').length;
  expect(await gates()).toBe(2);
  await openBench(page, id, 'river-fence');
  await expect(page.getByRole('link', { name: /^Garden gate, River fence/ })).toHaveCount(2);
  await page.getByRole('button', { name: 'Remove this structure' }).click();
  await saved(page);
  await expect.poll(gates).toBe(0);
  await page.getByRole('button', { name: 'Undo', exact: false }).first().click();
  await saved(page);
  await expect.poll(gates).toBe(2);
});

test('an arch is begun from a bed beside a way; pulling a foot bends it otherwise, and a second one in its place is told', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request, (plan) =>
    onlyStructures(plan, ({ stand }) => stand.on === 'bed' && stand.bed.startsWith('dock-')),
  );
  await page.goto(`/g/${id}?look=dock-west`);
  await page.getByRole('button', { name: /^Panel arch over the 4′ way to Dry-dock bed, east/ }).click();
  await expect(page).toHaveURL(/\/s\/support-/);
  await expect(page.locator('main')).toHaveAttribute('aria-busy', 'false');
  // The headroom is kept; how tightly it is bent follows, and how high its feet are tied.
  const radius = () =>
    page
      .getByText(/^Bent tighter than/)
      .first()
      .textContent();
  const before = await radius();
  const pull = page.getByRole('slider', { name: /Between the feet, on the drawing/ });
  await pull.focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await expect.poll(radius).not.toBe(before);
  await saved(page);
  const plan = await savedPlan(request, id);
  const arch = plan.structures.find((one) => one.kind === 'panel-arch');
  expect(arch?.stand).toEqual({ on: 'beds', beds: ['dock-west', 'dock-east'] });
  const both = await ownGarden(request, () => ({
    ...plan,
    structures: [...plan.structures, { ...(arch as (typeof plan.structures)[number]), id: 'again', name: 'Again' }],
  }));
  await page.goto(`/g/${both}/s/again`);
  await expect(page.getByText(/Stands in the same place as/).first()).toBeVisible();
});
