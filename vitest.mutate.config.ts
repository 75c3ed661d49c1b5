import { defineConfig } from 'vitest/config';

const here = (path: string): string => new URL(path, import.meta.url).pathname;

/** The tests of one folder of the core, for `npm run mutate`. */
export default defineConfig({
  resolve: { alias: { '@': here('./src'), 'server-only': here('./src/testing/empty.ts') } },
  test: {
    setupFiles: ['src/testing/setup.ts'],
    include: [`src/core/${process.env.MUTATE ?? ''}/**/*.test.ts`],
    testTimeout: 60_000,
  },
});
