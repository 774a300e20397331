import { expect } from '@playwright/test';
import { test } from './asking';
import { ownGarden } from './garden';

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
  await page.context().setOffline(true);
  await post.check();
  await expect(page.getByText('1 tick waits to be sent')).toBeVisible();
  await page.context().setOffline(false);
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
    (reply) => reply.url().endsWith('/ticks') && reply.ok() && !!reply.request().postData()?.includes('"done":false'),
  );
  await phone.getByRole('checkbox', { name: 'Got Studded steel post' }).uncheck();
  await sent;
  await other.close();
  await page.reload();
  await expect(post).not.toBeChecked();
});

test('the server keeps the newer of two ticks, in whatever order they come', async ({ request }) => {
  const id = await ownGarden(request);
  const tick = { about: 'bought', what: 'steel-post 2133.6', person: 'Odile', note: '', paidMinor: null };
  const say = async (done: boolean, at: string) => {
    const reply = await request.post(`/api/gardens/${id}/ticks`, { data: { ticks: [{ ...tick, done, at }] } });
    const { ticks } = (await reply.json()) as { ticks: { done: boolean; at: string }[] };
    return ticks.map((one) => [one.done, one.at]);
  };
  const [early, late, later] = ['08', '09', '10'].map((hour) => `2026-05-01T${hour}:00:00.000Z`) as [
    string,
    string,
    string,
  ];
  expect(await say(true, late)).toEqual([[true, late]]);
  expect(await say(false, early)).toEqual([[true, late]]);
  expect(await say(false, later)).toEqual([[false, later]]);
  expect(await say(true, late)).toEqual([[false, later]]);
});
