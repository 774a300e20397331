import { expect, type Page } from '@playwright/test';
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
