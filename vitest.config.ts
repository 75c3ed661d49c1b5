import { defineConfig } from 'vitest/config';

const here = (path: string): string => new URL(path, import.meta.url).pathname;

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
          testTimeout: 60_000,
          hookTimeout: 60_000,
          // One worker fewer than there are processors is one on a machine with two.
          maxWorkers: '100%',
        },
      },
      {
        extends: true,
        test: {
          name: 'journeys',
          include: ['e2e/**/*.test.ts'],
          testTimeout: 180_000,
          hookTimeout: 120_000,
          fileParallelism: false,
        },
      },
    ],
  },
});
