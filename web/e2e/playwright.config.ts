import { defineConfig } from '@playwright/test';

/** Debian's Chromium against the address that `./lignum test` serves. */
export default defineConfig({
  testDir: '.',
  timeout: 90_000,
  // Each test has a garden of its own.
  fullyParallel: true,
  workers: 3,
  expect: { timeout: 15_000 },
  // On a busy machine a browser without a screen now and then stops drawing: animation frames never come while timers
  // go on and nothing moves. Such a test is run once more, in a new browser, and is told as flaky.
  retries: 1,
  reporter: [['list'], ['json']],
  outputDir: '../../.data/reports/interface',
  use: {
    actionTimeout: 20_000,
    baseURL: process.env.LIGNUM_ADDRESS ?? 'http://127.0.0.1:4600',
    viewport: { width: 1280, height: 800 },
    locale: 'en-IE',
    launchOptions: {
      executablePath: '/usr/bin/chromium-headless-shell',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
    // What keeps pages is asked for where it is what is tried.
    serviceWorkers: 'block',
    // A trace costs a third of the time: asked for when one is looking for something.
    trace: process.env.LIGNUM_TRACE ? 'retain-on-failure' : 'off',
    screenshot: 'only-on-failure',
  },
});
