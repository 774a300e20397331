import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    setupFiles: ['./vitest.setup.ts'],
    include: ['core/**/*.test.ts', 'web/**/*.test.ts'],
    testTimeout: 120_000,
    exclude: ['**/node_modules/**', 'web/e2e/**', '**/.next/**'],
  },
});
