import { expect, type Locator, type Page } from '@playwright/test';
import { test } from './asking';
import { openBench, ownGarden, saved, savedPlan } from './garden';

/** Steps by keyboard from where the focus is, and what has it then. */
async function tabTo(page: Page, name: RegExp, most: number): Promise<number> {
  for (let i = 1; i <= most; i++) {
    await page.keyboard.press('Tab');
    if (name.test(await page.evaluate(() => document.activeElement?.textContent ?? ''))) return i;
  }
  return Infinity;
}

test('from the head of a bench its list is six Tabs away, past every knob', async ({ page, request }) => {
  const id = await ownGarden(request);
  await openBench(page, id, 'tomato-wall');
  await page.locator('#content').focus();
  const toResults = await tabTo(page, /No problems|to look at/, 1);
  await page.keyboard.press('Enter');
  const toList = await tabTo(page, /List and cuts for the shop/, 5);
  expect(toResults + toList).toBeLessThanOrEqual(6);
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/list/);
});

test('the tape is one Tab from a length, and gives the keyboard back to it', async ({ page, request }) => {
  const id = await ownGarden(request);
  await openBench(page, id, 'tomato-wall');
  const length = page.getByRole('textbox', { name: 'Row length' });
  await length.focus();
  const door = page.getByRole('button', { name: 'Laser tape (simulated)' });
  await expect(door).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(door).toBeFocused();
  await page.keyboard.press('Enter');
  const tape = page.getByRole('region', { name: 'Simulated laser tape' });
  await expect(tape).toBeFocused();
  await expect(tape).toContainText('Sends to Row length');
  await page.keyboard.press('Escape');
  await expect(length).toBeFocused();
});

test('what cannot be read is given away over nowhere: the field has the focus, and all stays as it is', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request);
  const before = await savedPlan(request, id);
  const refused = async (field: Locator, press: Locator) => {
    await field.fill('ten or so');
    await press.click();
    await expect(field).toBeFocused();
    await expect(field).toHaveValue('ten or so');
  };
  await page.goto(`/g/${id}/prices`);
  await page
    .getByText(/^Timber/)
    .first()
    .click();
  await page.getByRole('button', { name: 'Add a size' }).first().click();
  const size = page.locator('form').filter({ has: page.getByText(/^Price, /) });
  await refused(size.getByRole('textbox', { name: 'Length' }), size.getByRole('button', { name: 'Add', exact: true }));
  await size.getByRole('button', { name: 'Cancel' }).click();
  await page.getByRole('button', { name: 'Add what is left over' }).click();
  const piece = page.locator('form').filter({ has: page.getByText('Note', { exact: true }) });
  await refused(
    piece.getByRole('textbox', { name: 'Pieces' }),
    piece.getByRole('button', { name: 'Add', exact: true }),
  );
  await openBench(page, id, 'tomato-wall');
  await page.getByRole('button', { name: 'More of these' }).click();
  const more = page.getByRole('dialog', { name: 'More of these' });
  await refused(more.getByRole('textbox', { name: 'How many more' }), more.getByRole('button', { name: /^Put down/ }));
  await page.goto(`/g/${id}`);
  await page.getByRole('button', { name: 'Choose several' }).click();
  await page.getByRole('checkbox', { name: /Yard bed/ }).check();
  await page.getByRole('button', { name: 'Move…' }).click();
  await refused(page.getByRole('textbox', { name: 'To the right' }), page.getByRole('button', { name: 'Move 1' }));
  expect(await savedPlan(request, id)).toEqual(before);
});

/** How many of the first stops of a page lie under something that stands over it. */
async function covered(page: Page, stops: number): Promise<string[]> {
  const under: string[] = [];
  for (let i = 0; i < stops; i++) {
    await page.keyboard.press('Tab');
    const hidden = await page.evaluate(() => {
      const at = document.activeElement;
      if (!(at instanceof HTMLElement) || at === document.body) return null;
      const box = at.getBoundingClientRect();
      const x = Math.min(innerWidth - 1, Math.max(0, box.left + box.width / 2));
      const seen = [box.top + 2, box.top + box.height / 2, box.bottom - 2].some((y) => {
        const top = y < 0 || y > innerHeight ? null : document.elementFromPoint(x, y);
        const labels = at instanceof HTMLInputElement ? [...(at.labels ?? [])] : [];
        return top !== null && [at, ...labels].some((one) => one.contains(top) || top.contains(one));
      });
      return seen ? null : (at.getAttribute('aria-label') ?? at.textContent ?? at.tagName).slice(0, 40);
    });
    if (hidden !== null) under.push(hidden);
  }
  return under;
}

for (const [width, height] of [
  [640, 400],
  [320, 640],
] as const)
  test(`at ${width} × ${height} what has the focus is never covered, and no page is wider than it is seen`, async ({
    page,
    request,
  }) => {
    await page.setViewportSize({ width, height });
    const id = await ownGarden(request);
    for (const path of ['/s/tomato-wall', '/list', '/kept-out']) {
      await page.goto(`/g/${id}${path}`);
      await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
      expect([path, await covered(page, 40)]).toEqual([path, []]);
      expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
    }
  });

test('an empty garden is given its ground by pulling out a corner on squared paper, or by the arrow keys', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request, (plan) => ({
    ...plan,
    garden: { ...plan.garden, market: 'imperial' },
    site: { ...plan.site, widthMm: 12_192, depthMm: 12_192, visitors: [] },
    beds: [],
    features: [],
    plantings: [],
    structures: [],
  }));
  await page.goto(`/g/${id}`);
  await page.getByText('Drawn', { exact: true }).click();
  const board = page.getByRole('application', { name: /^Ground of/ });
  const box = (await board.boundingBox())!;
  // Twenty squares of 5′ across, twelve deep: the middle is 50′ × 30′.
  await page.mouse.move(box.x + box.width / 4, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2, { steps: 3 });
  await page.mouse.up();
  await board.press('ArrowUp');
  await saved(page);
  const { site } = await savedPlan(request, id);
  expect([site.widthMm / 304.8, site.depthMm / 304.8].map((feet) => Math.round(feet * 10) / 10)).toEqual([50, 32.5]);
});

test('the garden that ships is walked through in seven stops, by keyboard alone, and it is not offered again', async ({
  page,
}) => {
  await page.goto('/g/ferry-house');
  await page.getByRole('button', { name: 'Walk round' }).click();
  const walk = page.getByRole('region', { name: 'A walk round' });
  const heading = walk.getByRole('heading');
  const titles: string[] = [];
  for (let stop = 1; stop <= 7; stop++) {
    await expect(walk.getByText(`${stop} of 7`)).toBeVisible();
    // What is read out is what it is about.
    await expect(heading).toBeFocused();
    titles.push((await heading.textContent()) ?? '');
    await page.keyboard.press('Tab');
    await page.keyboard.press('Enter');
  }
  expect(new Set(titles).size).toBe(7);
  await expect(walk).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('region', { name: 'What is next' })).not.toContainText('This garden is made up');
});
