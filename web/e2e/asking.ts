import { test as base } from '@playwright/test';

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
});
