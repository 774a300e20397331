import { expect } from '@playwright/test';
import { test } from './asking';
import { chooseBed, ownGarden, saved } from './garden';

test.use({ serviceWorkers: 'allow' });

const PAGES = 'lignum-pages-1';

test('pages that were opened open again without a network, as they were saved last, and can be worked', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request);
  const kept = () =>
    page.evaluate(
      async (name) => (await (await caches.open(name)).keys()).map(({ url }) => new URL(url).pathname).sort(),
      PAGES,
    );
  const live = () => expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  await page.goto(`/g/${id}`);
  await expect.poll(kept, { timeout: 20_000 }).toEqual([`/g/${id}`]);
  // Come to by a link it is kept too.
  await live();
  await page
    .getByRole('link', { name: /^Tomato wall/ })
    .first()
    .click();
  await page.waitForURL(/tomato-wall$/);
  await expect.poll(kept, { timeout: 20_000 }).toContain(`/g/${id}/s/tomato-wall`);
  // What is saved is in the page that is kept, not what was before.
  await page.goto(`/g/${id}`);
  await live();
  await chooseBed(page, 'Long bed');
  await page.getByRole('textbox', { name: 'Length', exact: true }).fill("20'");
  await page.getByRole('textbox', { name: 'Length', exact: true }).press('Tab');
  await saved(page);
  const says = () =>
    page.evaluate(
      async ([name, path]) => {
        const answer = await (await caches.open(name as string)).match(path as string);
        return (await answer?.text())?.includes('lengthMm\\":6096') ?? false;
      },
      [PAGES, `/g/${id}`],
    );
  await expect.poll(says, { timeout: 30_000 }).toBe(true);

  await page.context().setOffline(true);
  await page.goto(`/g/${id}`);
  await live();
  await chooseBed(page, 'Long bed');
  await expect(page.getByRole('textbox', { name: 'Length', exact: true })).toHaveValue('20′');
  await page.goto(`/g/${id}/s/tomato-wall`);
  await live();
  await expect(page.locator('.drawing').first()).toBeVisible();
  await page.context().setOffline(false);
});

test('what is kept for one page is not taken for another’s: each of its workers is its own', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request);
  const workers = () =>
    page.evaluate(async () => {
      const kept = await (await caches.open('lignum-parts-1')).keys();
      return kept.filter(({ url }) => url.includes('worker')).length;
    });
  await page.goto(`/g/${id}/list?of=tomato-wall`);
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  // The worker of the whole garden is kept; that of the bench is begun by the same script.
  await expect.poll(workers, { timeout: 20_000 }).toBeGreaterThan(0);
  await page.goto(`/g/${id}/s/tomato-wall`);
  await expect(page.getByRole('status').filter({ hasText: 'through its year' })).toBeVisible({ timeout: 45_000 });
  await expect(page.getByText('This page has stopped working')).toHaveCount(0);
});
