import { expect } from '@playwright/test';
import ICAL from 'ical.js';
import { test } from './asking';
import { onlyStructures, ownGarden, saved, savedPlan, whole } from './garden';

const BUILT = ['tomato-wall', 'pea-wall', 'cucumber-frame'];

test('three structures are built at weekends: by whom, in what order, moved to another day, rained off, ticked off', async ({
  page,
  request,
}) => {
  await page.clock.setFixedTime(new Date('2026-12-02T10:00:00Z'));
  const id = await ownGarden(request, (plan) => onlyStructures(plan, (one) => BUILT.includes(one.id)));
  await page.goto(`/g/${id}/weekends`);
  const summary = page.getByRole('status').filter({ hasText: 'of work, from' });
  await expect(summary).toContainText('from Saturday, 20 February');
  const first = page.getByRole('article', { name: 'Saturday, 20 February' });
  await expect(first).toContainText('Odile');
  await expect(first).toContainText('Bram');
  // Put on another day by hand: it stays there, and undo brings it back.
  await page.getByRole('button', { name: 'Move Tomato wall to another day' }).first().click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /Saturday, 13 March/ })
    .click();
  const moved = page.getByRole('article', { name: 'Saturday, 13 March' });
  await expect(moved).toContainText('Tomato wall');
  await expect(moved.getByLabel('put on this day by hand')).toBeVisible();
  await saved(page);
  expect((await savedPlan(request, id)).work?.fixed.every(({ date }) => date === '2027-03-13')).toBe(true);
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(moved).toBeHidden();
  // Bram has no time: what takes two finds no day, and it is said what would help.
  await page.getByText('Who and when').click();
  await page.getByRole('button', { name: 'Bram does not help' }).click();
  await expect(summary).toContainText('two are never there together');
  await page.getByRole('button', { name: 'Somebody who helps' }).click();
  await expect(summary).not.toContainText('two are never there together');
  const hours = page.getByRole('group', { name: 'Helper 1' }).getByLabel('Hours a day');
  await hours.fill('99');
  await expect(
    page.getByRole('alert').filter({ hasText: '“99” is no number of hours between 0.5 and 14.' }),
  ).toBeVisible();
  await hours.fill('4');
  // The driver is hired for a day on which nobody works: that is told, and let go again.
  const lent = page.getByRole('group', { name: 'Hired or lent' });
  await lent.getByRole('combobox').click();
  await page.getByRole('option', { name: 'Post driver with two handles' }).click();
  await lent.getByLabel('Hired or lent: the day').fill('2027-03-03');
  await lent.getByRole('button', { name: 'Hired or lent: add' }).click();
  await expect(summary).toContainText('a tool that is lent is not there on enough days on which somebody works');
  await lent.getByRole('button', { name: /^Post driver .* is not there on Wednesday, 3 March/ }).click();
  await expect(summary).not.toContainText('a tool that is lent');
  // What is brought has its day among what has to be seen to before.
  const brought = page.getByRole('group', { name: 'Brought on a day' });
  await brought.getByLabel('Brought on a day: the day').fill('2027-02-19');
  await brought.getByRole('button', { name: 'Brought on a day: add' }).click();
  await expect(page.getByText('Delivery: timber. Be there, and have room to lay it down.')).toBeVisible();
  // A day by itself: a step is ticked, and planned no more.
  await first.getByRole('link', { name: 'Saturday, 20 February' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Saturday, 20 February' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'The day before' })).toBeVisible();
  const boxes = page.getByRole('checkbox', { name: /^Done: / });
  const many = await boxes.count();
  await boxes.first().check();
  await expect(boxes).toHaveCount(many);
  await page.getByRole('button', { name: 'It rains: move everything on' }).click();
  await expect(page).toHaveURL(/\/weekends$/);
  await expect(summary).toContainText('from Sunday, 21 February');
  await expect(first).toBeHidden();
});

test('a weekend is printed alone: fewer pages on the screen and in the file, and another can be added', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request, whole);
  await page.goto(`/g/${id}/weekends`);
  await page.getByRole('link', { name: 'Print weekend 1 alone' }).click();
  const print = page.getByRole('button', { name: /^Print \d+ sheets?$/ });
  await expect(print).toBeVisible();
  const pages = async () => Number(/\d+/.exec(await print.innerText())?.[0]);
  const one = await pages();
  const pdf = page.getByRole('link', { name: 'PDF', exact: true });
  const [alone, all] = [String(await pdf.getAttribute('href')), `/api/gardens/${id}/weekends?paper=A4`];
  expect(alone).toMatch(/&weeks=\d{4}-\d\d-\d\d$/);
  await expect(page.getByRole('checkbox', { name: /^Weekend 1, / })).toBeChecked();
  await page.getByRole('checkbox', { name: /^Weekend 2, / }).check();
  await expect.poll(pages).toBeGreaterThan(one);
  await expect(pdf).toHaveAttribute('href', /&weeks=\d{4}-\d\d-\d\d,\d{4}-\d\d-\d\d$/);
  const [few, many] = await Promise.all(
    [alone, all].map(async (path) => (await (await request.get(path)).body()).length),
  );
  expect(few).toBeLessThan(many ?? 0);
});

test('the days go along on paper and into a calendar', async ({ page, request }) => {
  const id = await ownGarden(request, (plan) => onlyStructures(plan, (one) => BUILT.includes(one.id)));
  await page.goto(`/g/${id}/weekends`);
  await page.getByRole('button', { name: 'For your calendar' }).click();
  const coming = page.waitForEvent('download');
  await page.getByRole('link', { name: 'iCalendar file' }).click();
  const file = await (await coming).createReadStream();
  let written = '';
  for await (const chunk of file) written += String(chunk);
  const events = new ICAL.Component(ICAL.parse(written) as string[])
    .getAllSubcomponents('vevent')
    .map((one) => new ICAL.Event(one));
  const days = events.filter(({ summary }) => summary.startsWith('Build: '));
  expect(days.length).toBeGreaterThan(1);
  expect(events.some(({ summary }) => summary === 'Have buried services marked')).toBe(true);
  for (const { startDate } of days) expect([0, 6]).toContain(startDate.toJSDate().getUTCDay());
  // A calendar follows an address: what is moved here moves there; ended, nothing is there any more.
  await page.getByRole('button', { name: 'Make an address' }).click();
  const address = await page.getByLabel('Address for a calendar').inputValue();
  const read = async (at: string) => {
    const reply = await request.get(at);
    return { status: reply.status(), says: await reply.text() };
  };
  expect((await read(address)).says).toBe(written);
  await page.getByRole('button', { name: 'Another address' }).click();
  await expect(page.getByLabel('Address for a calendar')).not.toHaveValue(address);
  expect((await read(address)).status).toBe(404);
  const second = await page.getByLabel('Address for a calendar').inputValue();
  expect((await read(second)).status).toBe(200);
  await page.getByRole('button', { name: 'End it' }).click();
  await expect(page.getByRole('button', { name: 'Make an address' })).toBeVisible();
  expect((await read(second)).status).toBe(404);
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'Days to print' }).click();
  await expect(page.getByRole('button', { name: /^Print \d+ sheets$/ })).toBeVisible();
  await page.goto(`/g/${id}/s/tomato-wall/sheet`);
  const drawing = page.waitForEvent('download');
  await page.getByRole('link', { name: 'DXF' }).click();
  expect((await drawing).suggestedFilename()).toBe('tomato-wall.dxf');
  const pdf = await request.get(`/api/gardens/${id}/weekends?paper=A4&pack=1`);
  expect(pdf.status()).toBe(200);
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
});

test.describe('in the garden, with one thumb', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a structure is set out one figure a screen, and a phone that was locked goes on where it was', async ({
    page,
    request,
  }) => {
    const id = await ownGarden(request, (plan) => onlyStructures(plan, (one) => one.id === 'tomato-wall'));
    await page.goto(`/g/${id}/s/tomato-wall/set-out`);
    const next = page.getByRole('button', { name: 'Marked, next' });
    await expect(page.getByRole('button', { name: 'Back' })).toBeDisabled();
    await next.click();
    await next.click();
    // Along the ground: the first post.
    await expect(page.getByText('Zero: the middle of post 1.')).toBeVisible();
    await expect(page.getByText('1 of 4')).toBeVisible();
    await page.keyboard.press('ArrowRight');
    await expect(page.getByText('2 of 4')).toBeVisible();
    await expect(page.getByText('Post 2')).toBeVisible();
    await page.reload();
    await expect(page.getByText('2 of 4')).toBeVisible();
    expect((await next.boundingBox())?.height).toBeGreaterThanOrEqual(64);
    await page.getByRole('button', { name: 'Back' }).click();
    await expect(page.getByText('1 of 4')).toBeVisible();
  });
});
