import { defineConfig } from 'vitest/config';

const here = (path: string): string => new URL(path, import.meta.url).pathname;

const PURE = ['src/{calendar,cli,contract,core,exports,words}/**/*.test.ts', 'src/*.test.ts'];

export default defineConfig({
  resolve: {
    alias: { '@': here('./src'), 'server-only': here('./src/testing/empty.ts') },
  },
  test: {
    projects: [
      {
        extends: true,
        test: {
          name: 'unit',
          globalSetup: ['src/testing/engineFile.ts'],
          setupFiles: ['src/testing/setup.ts'],
          include: ['src/**/*.test.{ts,tsx}'],
          exclude: PURE,
          testTimeout: 60_000,
          hookTimeout: 60_000,
          // By default there is one worker fewer than processors, which is one on a machine with two.
          maxWorkers: '100%',
        },
      },
      {
        extends: true,
        test: {
          name: 'pure',
          setupFiles: ['src/testing/setup.ts'],
          include: PURE,
          testTimeout: 60_000,
          maxWorkers: '100%',
          // These replace no module and have no page: loading the core once for each worker is enough.
          isolate: false,
        },
      },
      {
        extends: true,
        test: {
          name: 'journeys',
          include: ['e2e/**/*.test.ts'],
          testTimeout: 180_000,
          hookTimeout: 120_000,
          // A server and a browser keep two processors busy already: two files at a time gain nothing.
          fileParallelism: false,
        },
      },
    ],
  },
});
