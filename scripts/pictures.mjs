import { chromium } from '@playwright/test';
import { fileURLToPath } from 'node:url';

/** Takes the pictures of docs/screenshots/ from the demo garden of a running server (LIGNUM_ADDRESS); all of them, or those that are named. */
const named = process.argv.slice(2);
const address = process.env.LIGNUM_ADDRESS ?? 'http://127.0.0.1:4600';
const place = fileURLToPath(new URL('../docs/screenshots/', import.meta.url));
const SHOTS = [
  ['garden', '/g/ferry-house', { height: 860, before: putOffTour }],
  ['garden-phone', '/g/ferry-house', { width: 390, height: 844, before: putOffTour }],
  [
    'plan-a-row',
    '/g/ferry-house/new',
    {
      height: 900,
      before: async (page) => {
        await choose(page, 'Crop', 'Cucumber, climbing');
        await page.locator('[role=radiogroup][aria-busy=true]').waitFor({ state: 'detached' });
      },
    },
  ],
  ['weekends', '/g/ferry-house/weekends', { height: 900, before: (page) => page.getByText('still to buy').waitFor() }],
  [
    'plot-sun',
    '/g/ferry-house',
    {
      height: 880,
      before: async (page) => {
        await page.getByRole('radio', { name: 'Hours of sun' }).click();
        await page.getByText('under 3 h').waitFor();
        await page.getByText('Following the sun…', { exact: true }).waitFor({ state: 'detached' });
        await page.waitForTimeout(500);
      },
    },
  ],
  [
    'plot-round',
    '/g/ferry-house',
    {
      before: async (page) => {
        await page.getByRole('radio', { name: '3-D' }).click();
        await page.getByRole('img', { name: /three dimensions/ }).waitFor();
        await page.getByLabel('Date', { exact: true }).fill('2026-08-15');
        await page.waitForTimeout(2500);
      },
    },
  ],
  ['bench-panel-wall', '/g/ferry-house/s/tomato-wall'],
  ['build', '/g/ferry-house/build', { height: 1000 }],
  ['bench-arch', '/g/ferry-house/s/dock-arch', { height: 900 }],
  ['bench-fence', '/g/ferry-house/s/river-fence'],
  [
    'stands',
    '/g/ferry-house/s/tomato-wall',
    {
      height: 1250,
      before: async (page) => {
        await page.getByText('Will it stand?', { exact: true }).click();
        await page.getByRole('button', { name: /^Posts at most apart/ }).waitFor({ timeout: 60_000 });
        await page.getByRole('img', { name: /^Hardest working/ }).waitFor();
        await page.getByText('Will it stand?', { exact: true }).evaluate((one) => one.scrollIntoView());
        await page.mouse.wheel(0, -90);
        await page.waitForTimeout(500);
      },
    },
  ],
  [
    'kept-out',
    '/g/ferry-house/kept-out?bed=sail-bed',
    {
      height: 900,
      before: async (page) =>
        page
          .getByRole('button', { name: /Plan (it|them)/ })
          .last()
          .waitFor(),
    },
  ],
  [
    'joints',
    '/g/ferry-house/s/melon-trellis',
    {
      height: 1500,
      before: async (page) => {
        await page.getByText('The joints, close up').click();
        await page.locator('.ink-lens').first().waitFor();
        await page.getByText('The joints, close up').evaluate((one) => one.scrollIntoView());
        await page.mouse.wheel(0, -90);
        await page.waitForTimeout(500);
      },
    },
  ],
  ['sheet', '/g/ferry-house/s/melon-trellis/sheet', { width: 960, height: 1180 }],
  ['bench-dark', '/g/ferry-house/s/pea-wall', { dark: true }],
  ['bench-phone', '/g/ferry-house/s/string-frame', { width: 390, height: 844 }],
  ['list', '/g/ferry-house/list?of=string-frame', { height: 1500 }],
  ['prices', '/g/ferry-house/prices'],
  [
    'compare',
    '/g/ferry-house/compare?of=tomato-wall,tomato-weave,string-frame',
    { before: async (page) => page.getByRole('table').waitFor() },
  ],
];

async function putOffTour(page) {
  await page.getByRole('button', { name: 'Not now' }).first().click();
  await page.waitForTimeout(300);
}

async function choose(page, label, option) {
  await page.getByRole('combobox', { name: label }).first().click();
  await page.getByRole('option', { name: option }).click();
}

// A browser to each picture: what one leaves behind in memory cannot trouble the next.
for (const [name, path, { width = 1280, height = 800, dark = false, before } = {}] of SHOTS.filter(
  ([one]) => named.length === 0 || named.includes(one),
)) {
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium-headless-shell',
    args: [
      '--no-sandbox',
      '--use-gl=angle',
      '--use-angle=swiftshader',
      '--enable-unsafe-swiftshader',
      '--disable-background-networking',
    ],
  });
  const page = await browser.newPage({
    viewport: { width, height },
    colorScheme: dark ? 'dark' : 'light',
    locale: 'en-IE',
  });
  await page.goto(address + path, { waitUntil: 'networkidle' });
  await page.evaluate(() => document.fonts.ready);
  await page.locator('main[aria-busy=true]').waitFor({ state: 'detached' });
  // What a bench says of wind, and its folds, come once it is calm.
  if (/\/s\/[^/]+$/.test(path)) {
    await page.getByText('Through the season').waitFor();
    await page.waitForLoadState('networkidle');
    await page.waitForTimeout(2500);
  }
  await page.waitForTimeout(1200);
  await before?.(page);
  // A page that has stopped working is no picture of its view.
  if (await page.getByRole('button', { name: 'Try again' }).isVisible())
    throw new Error(`${name}: ${path} has stopped working.`);
  await page.screenshot({ path: `${place}${name}.png` });
  await browser.close();
}
