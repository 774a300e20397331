import { expect } from '@playwright/test';
import { test } from './asking';
import { onlyStructures, ownGarden } from './garden';

test('what is ticked off stays: without a signal, through a reload, on another device, with what was paid', async ({
  page,
  request,
  browser,
  baseURL,
}) => {
  const id = await ownGarden(request);
  await page.goto(`/g/${id}/list?of=tomato-wall`);
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  const post = page.getByRole('checkbox', { name: 'Got Studded steel post' });
  await page.getByRole('textbox', { name: 'Ticked off by' }).fill('Odile');
  // What is said of a network that is gone is there once the page is calm.
  await expect(page.locator('p[role=status].sr-only')).not.toHaveCount(0);
  await page.waitForLoadState('networkidle');
  await page.context().setOffline(true);
  await post.check();
  await expect(page.getByText('1 tick waits to be sent')).toBeVisible();
  // The head of the page calls nothing saved that waits.
  const head = page.getByRole('banner').getByRole('status');
  await expect(head).toHaveText('No network: 1 waits');
  await page.context().setOffline(false);
  await expect(head).toHaveText('Saved');
  await expect(page.getByText('Ticks are kept with the garden')).toBeVisible();
  await page.getByRole('button', { name: /Note what was paid for Studded steel post/ }).click();
  await page.getByRole('textbox', { name: /Paid for Studded steel post/ }).fill('27.50');
  await page.getByRole('textbox', { name: /Paid for Studded steel post/ }).blur();
  await page.getByRole('checkbox', { name: 'Step 1 is done' }).check();
  await page.reload();
  await expect(post).toBeChecked();
  await expect(page.getByText(/paid €27.50, by Odile/)).toBeVisible();
  await expect(page.getByRole('row', { name: /Paid so far, for 1 of/ })).toContainText('€27.50');

  const other = await browser.newContext({ baseURL: baseURL ?? '' });
  const phone = await other.newPage();
  await phone.goto(`/g/${id}/list?of=tomato-wall`);
  await expect(phone.locator('[aria-busy=true]')).toHaveCount(0);
  await expect(phone.getByRole('checkbox', { name: 'Got Studded steel post' })).toBeChecked();
  await expect(phone.getByRole('checkbox', { name: 'Step 1 is done' })).toBeChecked();
  // What only asks for news may be on its way as well.
  const sent = phone.waitForResponse(
    (reply) => reply.url().endsWith('/record') && reply.ok() && !!reply.request().postData()?.includes('"value":false'),
  );
  await phone.getByRole('checkbox', { name: 'Got Studded steel post' }).uncheck();
  await sent;
  await other.close();
  await page.reload();
  await expect(post).not.toBeChecked();
});

test('two tabs without a signal lose nothing; parts that were built stay built when there are more of them', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request);
  const list = `/g/${id}/list?of=tomato-wall`;
  const other = await page.context().newPage();
  for (const tab of [page, other]) {
    await tab.goto(list);
    await expect(tab.locator('[aria-busy=true]')).toHaveCount(0);
  }
  await page.context().setOffline(true);
  await page.getByRole('checkbox', { name: 'Got Studded steel post' }).check();
  await other
    .getByRole('checkbox', { name: /^Got Welded panel|^Got Wire clip|^Got / })
    .nth(1)
    .check();
  await expect(page.getByText('2 ticks wait to be sent')).toBeVisible();
  await page.context().setOffline(false);
  await expect(page.getByText('Ticks are kept with the garden')).toBeVisible();
  await other.close();
  const { entries } = (await (await request.post(`/api/gardens/${id}/record`, { data: { entries: [] } })).json()) as {
    entries: { value: unknown }[];
  };
  expect(entries.map(({ value }) => value)).toEqual([true, true]);
});

test('what the tape said of what stands is followed by the list, the paper and other devices, and the plan keeps what was meant', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request);
  const bill = () => request.get(`/api/gardens/${id}/bill?structure=tomato-wall`).then((reply) => reply.text());
  const [plan, before] = [await (await request.get(`/api/gardens/${id}/plan`)).text(), await bill()];
  await page.goto(`/g/${id}/s/tomato-wall`);
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  await page.getByRole('button', { name: 'As built… Row length' }).click();
  const built = page.getByLabel('As built', { exact: true });
  const sent = page.waitForResponse(
    (reply) => reply.url().endsWith('/record') && !!reply.request().postData()?.includes('"mm"'),
  );
  await built.fill("16'");
  await built.press('Enter');
  await sent;
  await expect(page.getByText(/^8′ less than planned, 24′/)).toBeVisible();
  expect(await bill()).not.toBe(before);
  expect(await (await request.get(`/api/gardens/${id}/plan`)).text()).toBe(plan);
  await page.reload();
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  await expect(page.getByLabel('As built', { exact: true })).toHaveValue('16′');
  await page.getByRole('button', { name: 'Forget what was measured of Row length' }).click();
  await expect(page.getByText(/less than planned/)).toHaveCount(0);
  await expect.poll(bill).toBe(before);
});

test('a rail trellis with three odd gaps, typed at the posts on a phone: what goes between them and the list come out anew, and one gap is let go', async ({
  page,
  request,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const id = await ownGarden(request, (demo) => onlyStructures(demo, (one) => one.id === 'melon-trellis'));
  const bill = () => request.get(`/api/gardens/${id}/bill?structure=melon-trellis`).then((reply) => reply.text());
  const [plan, before] = [await (await request.get(`/api/gardens/${id}/plan`)).text(), await bill()];
  await page.goto(`/g/${id}/s/melon-trellis`);
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  const stood = page.getByRole('region', { name: 'Between the posts as built' });
  const gap = (between: string) => stood.getByLabel(`Between ${between}`, { exact: false }).first();
  const odd = { '1 and 2': "5' 1", '2 and 3': "5' 6 3/8", '3 and 4': "5' 10" };
  // What no tape says of this bay is refused, with the limit.
  await gap('1 and 2').fill("12'");
  await expect(stood.getByRole('alert')).toContainText(/12′ is too much; the most is \d+′/);
  for (const [between, said] of Object.entries(odd)) {
    await gap(between).fill(said);
    await gap(between).press('Enter');
  }
  await expect(stood.getByRole('status')).toContainText(/^3 of 3 measured\. All together: .* less than planned\.$/);
  await expect.poll(bill).not.toBe(before);
  await expect(page.getByRole('row').filter({ hasText: '2–3' })).toContainText('5′ 6⅜″');
  expect(await (await request.get(`/api/gardens/${id}/plan`)).text()).toBe(plan);
  await page.reload();
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  await expect(gap('3 and 4')).toHaveValue('5′ 10″');
  await stood.getByRole('button', { name: 'Forget what was measured between 3 and 4' }).click();
  await expect(stood.getByRole('status')).toContainText(/^2 of \d measured/);
});

test('what is cut before the posts stand is named where it no longer fits, with what it becomes and what is to be bought besides', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request, (demo) => onlyStructures(demo, (one) => one.id === 'melon-trellis'));
  await page.goto(`/g/${id}/list?of=melon-trellis`);
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  const cuts = page.getByRole('checkbox', { name: /^Cut / });
  await expect(cuts).not.toHaveCount(0);
  for (let i = 0; i < (await cuts.count()); i++) await cuts.nth(i).check();
  await page.goto(`/g/${id}/s/melon-trellis`);
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  const gap = page.getByLabel('Between 1 and 2').first();
  await gap.fill("5' 1");
  await gap.press('Enter');
  const cut = page.getByRole('region', { name: 'What is cut already' });
  await expect(cut.getByText(/^Rail 1 \(piece \d+\), cut to 11′ 11¾″: cut it to 11′ 5/)).toBeVisible({
    timeout: 30_000,
  });
  await expect(cut.getByText('Nothing has to be bought for it again.')).toBeVisible();
  // Wider than the plan had it, pieces are too short: they serve elsewhere, and what lacks is bought.
  await gap.fill("6' 4");
  await gap.press('Enter');
  await expect(cut.getByText(/^To buy besides: \d+ × 2×4 treated softwood/)).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Forget what was measured between 1 and 2' }).click();
  await expect(cut).toHaveCount(0);
});

test('the server keeps of each register the last, whatever the order; what it cannot keep it says, and keeps the rest', async ({
  request,
}) => {
  const id = await ownGarden(request);
  const at = (hour: number) => `${String(Date.now() - (20 - hour) * 3_600_000).padStart(15, '0')}-00000-k3f9`;
  const [early, late, later] = [8, 9, 10].map(at) as [string, string, string];
  const done = (value: boolean, stamp: string) => ({
    about: 'bought',
    what: 'steel-post 2133.6',
    field: 'done',
    value,
    stamp,
    person: 'Odile',
  });
  const say = async (...entries: object[]) => {
    const reply = await request.post(`/api/gardens/${id}/record`, { data: { entries } });
    return (await reply.json()) as { entries: ReturnType<typeof done>[]; refused: { message: string; ahead?: true }[] };
  };
  const stands = ({ entries }: Awaited<ReturnType<typeof say>>) => entries.map(({ value, stamp }) => [value, stamp]);
  expect(stands(await say(done(true, late)))).toEqual([[true, late]]);
  expect(stands(await say(done(false, early)))).toEqual([[true, late]]);
  expect(stands(await say(done(false, later), done(true, late)))).toEqual([[false, later]]);
  // Each of these is refused, says why, and is in the way of nothing.
  const answer = await say(
    { ...done(true, later), what: 'clip', stamp: '253402300799000-00000-k3f9' },
    { ...done(true, later), what: 'clip', stamp: 'now' },
    { ...done(true, later), what: 'wall panel-wall gap', about: 'measured', field: 'mm', value: -4 },
    { ...done(true, later), what: 'post', field: 'note', value: 'x'.repeat(201) },
    { ...done(true, later), what: 'panel' },
  );
  expect(answer.refused.map(({ ahead }) => ahead ?? false)).toEqual([false, false, false, true].toReversed());
  expect(answer.refused.map(({ message }) => message).join(' ')).toMatch(/ahead of.*stamp.*-4.*200 letters/);
  expect(answer.entries.map(({ what }) => what).toSorted()).toEqual(['panel', 'steel-post 2133.6']);
  const stays = await request.post(`/api/gardens/${id}/record`, { data: { entries: 'all' } });
  expect(stays.status()).toBe(422);
});
