import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    setupFiles: ['./vitest.setup.ts'],
    include: ['core/**/*.test.ts', 'web/**/*.test.{ts,tsx}'],
    // Both cores: nothing else runs meanwhile.
    maxWorkers: 2,
    // Plans are made by the thousand and thrown away: with room for the young ones collecting takes half of its time.
    execArgv: ['--max-semi-space-size=128'],
    // The core keeps no state between calls, so files may share what they have loaded: half of the time.
    isolate: false,
    testTimeout: 120_000,
    // A test that asserts nothing fails.
    expect: { requireAssertions: true },
    exclude: ['**/node_modules/**', 'web/e2e/**', '**/.next/**'],
  },
});
