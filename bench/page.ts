/**
 * How soon a page is there, how much of it moves, and how soon it answers a hand, in real Chromium: largest
 * paint, layout shift, and interactions to their next paint, each against what it is allowed, in one run.
 * Needs a running server: LIGNUM_ADDRESS (default http://127.0.0.1:4600). Bounded: sixteen pages, forty keys.
 */
import { chromium, type Page } from '@playwright/test';

const address = process.env.LIGNUM_ADDRESS ?? 'http://127.0.0.1:4600';
const ALLOWED = { paintMs: 1000, shift: 0.02, answerMs: 100, elsewhereMs: 200 };
const GARDEN = '/g/ferry-house';

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium-headless-shell',
  args: ['--no-sandbox', '--disable-gpu'],
});
const share = (value: number, of: number): string => `${Math.round((value / of) * 100)} %`;

/** As text: a compiled function would name helpers that the page does not have. */
const WATCH = `
  window.seen = { paint: 0, shift: 0, answer: 0 };
  const watch = (type, note, more) =>
    new PerformanceObserver((list) => list.getEntries().forEach(note)).observe({ type, buffered: true, ...more });
  watch('largest-contentful-paint', (entry) => (seen.paint = entry.startTime));
  watch('layout-shift', (entry) => (seen.shift += entry.value));
  watch('event', (entry) => (seen.answer = Math.max(seen.answer, entry.duration)), { durationThreshold: 16 });
`;

async function open(path: string): Promise<Page> {
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  await page.addInitScript({ content: WATCH });
  await page.goto(address + path, { waitUntil: 'networkidle' });
  await page.waitForFunction(() => !document.querySelector('main[aria-busy=true]'));
  return page;
}
const seenOn = (page: Page) =>
  page.evaluate(() => (window as unknown as { seen: { paint: number; shift: number; answer: number } }).seen);

const views: Record<string, object> = {};
for (const path of [
  '',
  '/s/tomato-wall',
  '/s/river-fence',
  '/plot',
  '/new?bed=yard-bed',
  '/build',
  '/list',
  '/prices',
]) {
  const page = await open(GARDEN + path);
  const { paint, shift } = await seenOn(page);
  if (paint === 0) throw new Error(`Nothing was seen of ${path}: the browser tells no paint.`);
  views[path || '/'] = {
    'paint, of 1 s': share(paint, ALLOWED.paintMs),
    'shift, of 0.02': share(shift, ALLOWED.shift),
  };
  await page.context().close();
}
console.table(views);

/** Ten turns of a knob by its slider's arrow key on each bench, and the slowest of them to its next paint. */
const benches: Record<string, object> = {};
for (const [id, knob] of [
  ['tomato-wall', 'Row length'],
  ['bean-wall', 'Row length'],
  ['pea-tunnel', 'Height'],
  ['dock-arch', 'Headroom'],
] as const) {
  const page = await open(`${GARDEN}/s/${id}`);
  const slider = page.getByRole('slider', { name: new RegExp(knob) }).first();
  await slider.focus();
  await page.evaluate(() => Object.assign((window as unknown as { seen: object }).seen, { answer: 0 }));
  for (let i = 0; i < 10; i++) {
    await page.keyboard.press(i % 2 ? 'ArrowLeft' : 'ArrowRight');
    await page.waitForTimeout(150);
  }
  benches[id] = { 'slowest answer, of 100 ms': share((await seenOn(page)).answer, ALLOWED.answerMs) };
  await page.keyboard.press('Control+z');
  await page.context().close();
}
console.table(benches);

/** Elsewhere, where more may have to be worked out: each to its next paint, and undone again. */
const ELSEWHERE: Record<string, { path: string; act: (page: Page) => Promise<void> }> = {
  'a row of 93′ is typed': {
    path: '/s/bean-wall',
    act: (page) => page.getByRole('textbox', { name: 'Row length' }).fill("93'"),
  },
  'a bed is dragged': {
    path: '/plot',
    act: async (page) => {
      const box = await page.getByRole('button', { name: /^Yard bed,/ }).boundingBox();
      if (!box) throw new Error('The yard bed is not on the plot.');
      const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
      await page.mouse.move(x, y);
      await page.mouse.down();
      for (let step = 1; step <= 10; step++) {
        await page.mouse.move(x + 3 * step, y);
        await page.waitForTimeout(40);
      }
      await page.mouse.up();
    },
  },
  'hours of sun are asked for': {
    path: '/plot',
    act: (page) => page.getByRole('radio', { name: 'Hours of sun' }).click(),
  },
  'another crop is chosen': {
    path: '/new?bed=yard-bed',
    act: async (page) => {
      await page.getByRole('combobox', { name: 'Crop' }).click();
      await page.getByRole('option', { name: 'Cucumber, climbing' }).click();
    },
  },
};
const elsewhere: Record<string, object> = {};
for (const [what, { path, act }] of Object.entries(ELSEWHERE)) {
  const page = await open(GARDEN + path);
  await page.evaluate(() => Object.assign((window as unknown as { seen: object }).seen, { answer: 0 }));
  await act(page);
  await page.waitForTimeout(600);
  elsewhere[what] = { 'slowest answer, of 200 ms': share((await seenOn(page)).answer, ALLOWED.elsewhereMs) };
  await page
    .getByRole('button', { name: 'Undo', exact: true })
    .click({ timeout: 500 })
    .catch(() => undefined);
  await page.waitForTimeout(1200);
  await page.context().close();
}
console.table(elsewhere);
await browser.close();
