import { chromium } from '@playwright/test';
import { fileURLToPath } from 'node:url';

/** Takes the pictures of docs/screenshots/ from the demo garden of a running server (LIGNUM_ADDRESS). */
const address = process.env.LIGNUM_ADDRESS ?? 'http://127.0.0.1:4600';
const place = fileURLToPath(new URL('../docs/screenshots/', import.meta.url));
const SHOTS = [
  ['garden', '/g/ferry-house'],
  ['plan-a-row', '/g/ferry-house/new?bed=yard-bed', { height: 920 }],
  ['bench-panel-wall', '/g/ferry-house/s/tomato-wall'],
  ['bench-twine-frame', '/g/ferry-house/s/cucumber-frame'],
  ['bench-slope', '/g/ferry-house/s/bean-wall'],
  ['bench-dark', '/g/ferry-house/s/pea-wall', { dark: true }],
  ['bench-phone', '/g/ferry-house/s/string-frame', { width: 390, height: 844 }],
  ['list', '/g/ferry-house/list?of=string-frame', { height: 1500 }],
  ['prices', '/g/ferry-house/prices'],
];

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'] });
for (const [name, path, { width = 1280, height = 800, dark = false } = {}] of SHOTS) {
  const page = await browser.newPage({ viewport: { width, height }, colorScheme: dark ? 'dark' : 'light', locale: 'en-IE' });
  await page.goto(address + path, { waitUntil: 'networkidle' });
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: `${place}${name}.png` });
  await page.close();
}
await browser.close();
