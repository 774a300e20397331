import { expect } from '@playwright/test';
import { test } from './asking';
import { chooseBed, ownGarden, savedPlan } from './garden';

test('a season is gone on to: what stands keeps its sizes, its bed knows what stood there, and undo goes back', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request);
  const before = await savedPlan(request, id);
  const { year } = before.garden;
  const bill = async () =>
    (await (await request.get(`/api/gardens/${id}/bill?structure=tomato-wall`)).text()).split('\n');
  const posts = (await bill()).filter((line) => line.includes('Studded steel post'));
  await page.goto(`/g/${id}`);
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  await page.getByRole('radio', { name: 'The place' }).click();
  await page.getByRole('combobox', { name: 'Season' }).click();
  await page.getByRole('option', { name: String(year + 1) }).click();
  await expect(page.getByText(new RegExp(`plantings of ${year} are over and kept`))).toBeVisible();
  await expect.poll(async () => (await savedPlan(request, id)).garden.year).toBe(year + 1);
  const after = await savedPlan(request, id);
  // Where in its bed each stood is written down with it.
  expect(after.plantings.map(({ fromMm: _from, toMm: _to, ...one }) => one)).toEqual(before.plantings);
  expect(after.plantings.find(({ id: one }) => one === 'long-tomatoes')?.toMm).toBeGreaterThan(6900);
  expect(posts.length).toBeGreaterThan(0);
  expect((await bill()).filter((line) => line.includes('Studded steel post'))).toEqual(posts);

  await chooseBed(page, 'Long bed');
  await page.getByRole('button', { name: 'Soil, wind, slope, its past' }).click();
  await page.getByText('What grew here').click();
  await expect(page.getByRole('definition').filter({ hasText: 'Tomato' })).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect.poll(async () => await savedPlan(request, id)).toEqual(before);
});

test('the days of a planting are kept, and refused where they make no sense', async ({ page, request }) => {
  const id = await ownGarden(request);
  await page.goto(`/g/${id}`);
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  await chooseBed(page, 'Long bed');
  await page.getByRole('button', { name: /^14 tomatoes/ }).click();
  await page.getByText('When it was done').click();
  await page.getByLabel('Sown').fill('2027-06-20');
  await page.getByLabel('Planted out').fill('2027-06-01');
  await expect(page.getByText(/before it was sown/)).toBeVisible();
  await page.getByLabel('Planted out').fill('2027-06-28');
  await expect(page.getByText(/before it was sown/)).toHaveCount(0);
  await expect(page.getByText(/^on 28 June/)).toBeVisible();
  await page.getByRole('button', { name: 'Done' }).click();
  const days = async () => {
    const { sown, planted, cleared } =
      (await savedPlan(request, id)).plantings.find(({ bed }) => bed === 'long-bed') ?? {};
    return [sown, planted, cleared];
  };
  await expect.poll(days).toEqual(['2027-06-20', '2027-06-28', undefined]);
  // What was said by mistake is taken back.
  await page.getByRole('button', { name: /^14 tomatoes/ }).click();
  await page.getByText('When it was done').click();
  await page.getByLabel('Planted out').fill('');
  await expect(page.getByText(/^on 20 June/)).toBeVisible();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect.poll(days).toEqual(['2027-06-20', undefined, undefined]);
});

test('a tap that comes before the page can answer is done when it can', async ({ context, request }) => {
  const id = await ownGarden(request);
  // A page that nobody waits for to come to life.
  const page = await context.newPage();
  // The server does not say what it drew the page from, and what is worked out elsewhere comes six seconds late.
  await page.route('**/seen', (route) => route.abort());
  await page.addInitScript(`
    const There = Worker;
    window.Worker = class extends There {
      postMessage(...said) {
        window.asked = true;
        setTimeout(() => super.postMessage(...said), 6000);
      }
    };
  `);
  await page.goto(`/g/${id}`, { waitUntil: 'domcontentloaded' });
  await page.waitForFunction(() => 'asked' in window, null, { polling: 50 });
  await expect(page.locator('[aria-busy=true]')).toHaveCount(1);
  await page.getByRole('radio', { name: 'Hours of sun' }).dispatchEvent('click');
  await expect(page.getByText('under 3 h')).toHaveCount(0);
  await expect(page.getByText('under 3 h')).toBeVisible();
});
