import { Buffer } from 'node:buffer';
import { expect, type APIRequestContext, type Page } from '@playwright/test';
import type { Photo } from '../kept/photo';
import { MOST_BYTES, MOST_PHOTOS } from '../kept/photo';
import { test } from './asking';
import { ownGarden } from './garden';
import { aPhoto, SMALL_JPEG } from './photo';

const listed = async (request: APIRequestContext, id: string): Promise<Photo[]> =>
  ((await (await request.get(`/api/gardens/${id}/photos`)).json()) as { photos: Photo[] }).photos;

/** A picture as a camera would hand it over: larger than is kept, and not yet small. */
async function cameraPicture(page: Page, name: string): Promise<{ name: string; mimeType: string; buffer: Buffer }> {
  const data = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [2400, 1800];
    const pen = canvas.getContext('2d') as CanvasRenderingContext2D;
    for (let i = 0; i < 3000; i++) {
      pen.fillStyle = `hsl(${(i * 47) % 360} 60% ${30 + (i % 50)}%)`;
      pen.fillRect((i * 137) % 2400, (i * 211) % 1800, 60, 40);
    }
    return canvas.toDataURL('image/png').split(',')[1] ?? '';
  });
  return { name, mimeType: 'image/png', buffer: Buffer.from(data, 'base64') };
}

async function openPhotos(page: Page, garden: string) {
  await page.goto(`/g/${garden}/s/tomato-wall`);
  await expect(page.locator('main')).toHaveAttribute('aria-busy', 'false');
  await page.getByText('Photos', { exact: true }).click();
  return page.getByRole('region', { name: 'Photos' });
}

test('a photo taken at the post without a network waits on the phone, is sent when there is one, said what it shows, taken away and brought back', async ({
  page,
  request,
  browser,
  baseURL,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const id = await ownGarden(request);
  const photos = await openPhotos(page, id);
  await expect(photos.getByText('None yet.')).toBeVisible();
  const picture = await cameraPicture(page, 'foot of the post.png');
  await page.waitForLoadState('networkidle');
  await page.context().setOffline(true);
  await photos
    .getByLabel('Add photos')
    .setInputFiles([picture, { name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') }]);
  await expect(photos.getByText('1 waits to be sent; kept on this device.')).toBeVisible();
  await expect(photos.getByRole('alert')).toContainText('“notes.txt” is no picture that this browser can read');
  await photos.getByRole('listitem').getByRole('button').click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('What it shows').fill('Stones packed round the foot');
  await sheet.getByRole('combobox', { name: 'Which part' }).click();
  await page.getByRole('option', { name: 'Post 2' }).click();
  await sheet.getByRole('button', { name: 'Done' }).click();
  await expect(photos.getByText('Post 2: Stones packed round the foot')).toBeVisible();
  expect(await listed(request, id)).toEqual([]);
  await page.context().setOffline(false);
  await expect(photos.getByText(`1 of ${MOST_PHOTOS} in this garden.`)).toBeVisible();
  const [kept] = await listed(request, id);
  expect(kept).toMatchObject({
    structure: 'tomato-wall',
    part: 'post-2',
    note: 'Stones packed round the foot',
    // As large as is kept, in its own proportions.
    widthPx: 1600,
    heightPx: 1200,
  });
  const bytes = await (await request.get(`/api/gardens/${id}/photos/${kept?.id}`)).body();
  expect(bytes.byteLength).toBeLessThanOrEqual(MOST_BYTES.picture);

  const other = await browser.newContext({ baseURL: baseURL ?? '' });
  const desk = await other.newPage();
  const there = await openPhotos(desk, id);
  await expect(there.getByRole('button', { name: /^Post 2, Stones packed round the foot, / })).toBeVisible();
  await expect.poll(() => there.locator('img').evaluate((image: HTMLImageElement) => image.naturalWidth)).toBe(320);
  await there.getByRole('listitem').getByRole('button').click();
  await desk.getByRole('dialog').getByRole('button', { name: 'Remove' }).click();
  await expect(there.getByText('None yet.')).toBeVisible();
  await expect.poll(() => listed(request, id)).toEqual([]);
  await there.getByRole('button', { name: 'Bring it back' }).click();
  await expect(there.getByRole('listitem')).toHaveCount(1);
  await expect.poll(async () => (await listed(request, id)).length).toBe(1);
  await other.close();
});

test('what is no photo, too large, tells where it was taken, or of no garden, is refused by name; sent twice it is kept once, and no garden takes more than it keeps', async ({
  request,
}) => {
  const id = await ownGarden(request);
  const send = (data: object, to = id) => request.post(`/api/gardens/${to}/photos`, { data });
  const jpeg = Buffer.from(SMALL_JPEG, 'base64');
  // An Exif segment after the first marker.
  const told = Buffer.concat([
    jpeg.subarray(0, 2),
    Buffer.from([0xff, 0xe1, 0, 8, 0x45, 0x78, 0x69, 0x66, 0, 0]),
    jpeg.subarray(2),
  ]);
  for (const [wrong, why] of [
    [{ picture: told.toString('base64') }, /where or with what it was taken/],
    [{ picture: Buffer.from('<svg/>').toString('base64') }, /no whole JPEG/],
    [{ small: jpeg.subarray(0, 200).toString('base64') }, /The small picture is no whole JPEG/],
    [{ takenOn: '2027-02-30' }, /no day of the calendar/],
    [{ id: '../x' }, /\/id/],
    [{ note: 'x'.repeat(201) }, /longer than 200/],
    [{ picture: 'A'.repeat(600_000) }, /longer than 560000/],
    [{ more: 1 }, /not a field/],
  ] as const) {
    const reply = await send(aPhoto(wrong));
    expect(reply.status()).toBe(422);
    expect(await reply.text()).toMatch(why);
  }
  expect((await send(aPhoto(), 'no-such-garden')).status()).toBe(404);
  const one = aPhoto();
  for (const _ of [1, 2]) expect((await send(one)).status()).toBe(200);
  expect(await listed(request, id)).toHaveLength(1);
  const change = (data: object, photo = one.id) => request.put(`/api/gardens/${id}/photos/${photo}`, { data });
  expect((await change({ note: 'now' })).status()).toBe(200);
  expect((await change({ takenOn: 'yesterday' })).status()).toBe(422);
  expect((await change({})).status()).toBe(422);
  expect((await change({ note: 'now' }, 'of-nobody')).status()).toBe(404);
  // What is full takes one only when one that was taken away makes room for it.
  for (let i = 1; i < MOST_PHOTOS; i += 20)
    await Promise.all(Array.from({ length: Math.min(20, MOST_PHOTOS - i) }, () => send(aPhoto())));
  expect(await listed(request, id)).toHaveLength(MOST_PHOTOS);
  const full = await send(aPhoto());
  expect([full.status(), await full.text()]).toEqual([409, expect.stringContaining(`${MOST_PHOTOS} photos`)]);
  expect((await change({ removed: true })).status()).toBe(200);
  expect((await request.get(`/api/gardens/${id}/photos/${one.id}`)).status()).toBe(404);
  expect((await send(aPhoto())).status()).toBe(200);
  expect(await listed(request, id)).toHaveLength(MOST_PHOTOS);
  expect((await request.delete(`/api/gardens/${id}`)).ok()).toBe(true);
  expect((await send(aPhoto())).status()).toBe(404);
});

test('how far a trellis is: said at the post by a tap on the drawing, on the day, on the list; what stands is seen on the plot, and throws its shadow', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request);
  await page.goto(`/g/${id}/s/tomato-wall`);
  await expect(page.locator('main')).toHaveAttribute('aria-busy', 'false');
  await page.getByText('How far it is', { exact: true }).click();
  const far = page.getByRole('region', { name: 'How far it is' });
  await expect(far.getByRole('status')).toContainText('none of it done yet');
  // The third post of the drawing: tapped below the panels, and said.
  await far.locator('figure .drawing').scrollIntoViewIfNeeded();
  const posts = await far.locator('figure path.ink-planned').evaluateAll((paths) =>
    paths
      .map((path) => path.getBoundingClientRect())
      .filter(({ width, height }) => height > 40 && width < 12)
      .map(({ left, width, bottom }) => ({ x: left + width / 2, y: bottom - 12 }))
      .toSorted((a, b) => a.x - b.x),
  );
  // Each above the soil and under it.
  expect(posts).toHaveLength(8);
  await page.mouse.click(posts[4]?.x ?? 0, posts[4]?.y ?? 0);
  await expect(far.getByRole('combobox', { name: 'Which part' })).toHaveText(/Post 3/);
  const stage = far.getByRole('radiogroup');
  await stage.getByText('Stands', { exact: true }).click();
  await expect(far.getByText(/^Stands 1$/)).toBeVisible();
  await expect(far.locator('figure path.ink-stood')).toHaveCount(2);
  // A step that is done is done here too.
  await page.getByText('In what order to build it', { exact: true }).click();
  const steps = page.getByRole('checkbox', { name: /^Step \d+ is done$/ });
  await expect(steps).not.toHaveCount(0);
  for (let i = 0; i < (await steps.count()); i++) await steps.nth(i).check();
  await expect(far.getByRole('status')).toHaveText('All the work of building it is done.');
  await far.getByRole('combobox', { name: 'Which part' }).click();
  await page.getByRole('option', { name: 'Post 1', exact: true }).click();
  await stage.getByText('Cut', { exact: true }).click();
  await expect(far.getByRole('status')).toContainText('of work left of');

  await page.goto(`/g/${id}/list?of=tomato-wall`);
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  await page.getByRole('checkbox', { name: 'Got Studded steel post' }).check();
  await expect(page.getByRole('row', { name: /^Still to buy, \d of \d/ })).toBeVisible();

  await page.goto(`/g/${id}`);
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  await page.getByRole('radiogroup', { name: 'Show' }).getByText('Shadows').click();
  const shadows = page.locator('g[clip-path="url(#plot-edge)"] > path');
  const planned = await shadows.count();
  expect(planned).toBeGreaterThan(10);
  await page.getByRole('radiogroup', { name: 'What of it is shown' }).getByText('What stands').click();
  await expect.poll(() => shadows.count()).toBeLessThan(planned);
  await expect(shadows).not.toHaveCount(0);
});
