import { expect, test as base } from '@playwright/test';

/** As the program's own pages ask: what is written has to come from them. */
export const test = base.extend({
  request: async ({ playwright, baseURL }, give) => {
    const context = await playwright.request.newContext({
      baseURL: baseURL ?? '',
      extraHTTPHeaders: { Origin: new URL(baseURL ?? '').origin },
    });
    await give(context);
    await context.dispose();
  },
  // Whatever the pages' own policy forbids them is a fault of theirs, wherever it is reported.
  context: async ({ context }, give) => {
    const forbidden: string[] = [];
    context.on('console', (message) => {
      if (/Content Security Policy|Permissions[- ]Policy/i.test(message.text())) forbidden.push(message.text());
    });
    await give(context);
    expect(forbidden).toEqual([]);
  },
  // A button that is drawn but not yet alive does nothing when it is pressed: every page is let come to life first.
  page: async ({ page }, give) => {
    // As for a phone that comes over plain http: what browsers keep for https and the machine itself is not there.
    await page.addInitScript(() => Reflect.deleteProperty(Crypto.prototype, 'randomUUID'));
    const goTo = page.goto.bind(page);
    page.goto = async (...where) => {
      const reply = await goTo(...where);
      await page.waitForFunction(
        () =>
          [...document.querySelectorAll('button')].every((one) =>
            Object.keys(one).some((key) => key.startsWith('__reactProps')),
          ),
        undefined,
        { polling: 50 },
      );
      return reply;
    };
    await give(page);
  },
});
