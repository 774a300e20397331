import { expect } from '@playwright/test';
import { test } from './asking';
import { ownGarden, whole } from './garden';

// The others do without graphics, which are drawn in software here.
test.use({
  launchOptions: {
    executablePath: '/usr/bin/chromium-headless-shell',
    args: ['--no-sandbox', '--use-gl=angle', '--use-angle=swiftshader', '--enable-unsafe-swiftshader'],
  },
});

test('the garden stands in three dimensions where there is WebGL, and says so where there is none', async ({
  page,
  request,
}) => {
  const id = await ownGarden(request, whole);
  await page.goto(`/g/${id}`);
  await page.getByRole('radio', { name: '3-D' }).click();
  const drawn = page.getByRole('img', { name: /three dimensions/ });
  await expect(drawn).toBeVisible({ timeout: 30_000 });
  // Something is drawn: a picture of one colour would be a few kilobytes.
  await expect(async () => expect((await drawn.screenshot()).length).toBeGreaterThan(20_000)).toPass();
  // Walked round by buttons, each a step, and back to where it began.
  const seen = () => drawn.evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL());
  const still = await seen();
  await page.getByRole('button', { name: 'Turn left' }).click();
  await expect.poll(seen).not.toBe(still);
  await page.getByRole('button', { name: 'Back to the start' }).click();
  await expect.poll(seen).toBe(still);
  await page.addInitScript(() => {
    HTMLCanvasElement.prototype.getContext = () => null;
  });
  await page.reload();
  await page.getByRole('radio', { name: '3-D' }).click();
  await expect(page.getByText('This browser has no WebGL')).toBeVisible({ timeout: 30_000 });
});
