import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    setupFiles: ['./vitest.setup.ts'],
    include: ['core/**/*.test.ts', 'web/**/*.test.{ts,tsx}'],
    // Both cores: nothing else runs meanwhile.
    maxWorkers: 2,
    // The core keeps no state between calls, so files may share what they have loaded: half of the time.
    isolate: false,
    testTimeout: 120_000,
    // A test that asserts nothing fails.
    expect: { requireAssertions: true },
    exclude: ['**/node_modules/**', 'web/e2e/**', '**/.next/**'],
  },
});
