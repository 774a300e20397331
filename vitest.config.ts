import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    setupFiles: ['./vitest.setup.ts'],
    include: ['core/**/*.test.ts', 'web/**/*.test.{ts,tsx}'],
    // Both cores: nothing else runs meanwhile.
    maxWorkers: 2,
    testTimeout: 120_000,
    exclude: ['**/node_modules/**', 'web/e2e/**', '**/.next/**'],
  },
});
